import { LIMIT_TABLE } from "@/core/limits";

/** State of a part of the body, warm to dangerous; the colours and hatches follow it. */
export const STATES = ["warm", "cool", "cold", "numb"] as const;
export type PartState = (typeof STATES)[number];

/** Skin away from fingers, toes and face: where it feels cool, cold, and hurts, °C (assumption). */
export const SKIN_C = { comfort: 29, cold: 24, hard: 18 };

/** @param digit of which limit the part is, or `skin` */
export function stateOfPart(temperatureC: number, digit: "toes" | "fingers" | "face" | "skin"): PartState {
  const values = digit === "skin" ? SKIN_C : LIMIT_TABLE[digit].value;
  const below = (level: "comfort" | "cold" | "hard"): boolean => temperatureC <= (values[level] ?? -Infinity);
  return below("hard") ? "numb" : below("cold") ? "cold" : below("comfort") ? "cool" : "warm";
}
