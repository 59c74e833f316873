import type { Patch } from "./patch";

/** Where clothing ends and may leak. */
export const LEAK_POINTS = ["neck", "wrists", "waist", "ankles"] as const;
export type LeakPoint = (typeof LEAK_POINTS)[number];

/** Patches beside each, into which wind comes when it is open (assumption). */
export const LEAKS_INTO: Readonly<Record<LeakPoint, readonly Patch[]>> = {
  neck: ["neck"],
  wrists: ["wrist"],
  waist: ["belly", "lowerBack"],
  ankles: ["ankle"],
};
