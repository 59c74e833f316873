import type { Figure, Sex } from "@/core/body";
import { levelEverywhere, LEVELS, type AcceptedLevels, type Level } from "@/core/limits";
import type { PersonChange } from "@/core/morning";
import type { Feels } from "@/core/outing";
import type { Side } from "@/core/patches";
import { same } from "../../same";
import { durationText } from "../time";

export const SEX_WORDS: Readonly<Record<Sex, string>> = { female: "female", male: "male" };
export const FEELS_WORDS: Readonly<Record<Feels, string>> = {
  cold: "colder than others dressed alike",
  usual: "about as others do",
  warm: "warmer than others dressed alike",
};
export const HAND_WORDS: Readonly<Record<Side, string>> = { left: "left", right: "right" };
export const FIGURE_WORDS: Readonly<Record<Figure, string>> = {
  thin: "thin",
  lean: "lean",
  ordinary: "ordinary",
  round: "round",
  stout: "stout",
};

/** How cold a person lets it get before they get up. */
export const ACCEPTED_WORDS: Readonly<Record<Level, string>> = {
  comfort: "stays comfortable: leaves when toes turn cool",
  cold: "puts up with cold: leaves when toes begin to hurt",
  hard: "puts up with much: leaves only when toes go numb",
};
export const ACCEPTED_ONE_BY_ONE = "set limit by limit";

/** The level accepted everywhere; `null` where limits differ. */
export const levelOf = (accepted: AcceptedLevels): Level | null =>
  LEVELS.find((level) => same(accepted, levelEverywhere(level))) ?? null;

/** What is changed of a person, as a line of what it does. */
export function personChangeWords(change: PersonChange): string {
  switch (change.kind) {
    case "body":
      return "in the body of an ordinary adult";
    case "fat":
      return `with ${Math.round(change.percent)} % of fat`;
    case "feels":
      return change.feels === "usual"
        ? "if you felt the cold as others do"
        : `if you felt it ${FEELS_WORDS[change.feels]}`;
    case "coldHands":
      return change.has ? "with hands and feet that are often cold" : "without hands and feet that are often cold";
    case "level":
      return {
        comfort: "leaving while still comfortable",
        cold: "leaving when toes begin to hurt",
        hard: "leaving only when toes go numb",
      }[change.level];
  }
}

/** Minutes of a standard morning. */
export const morningMinutesText = (minutes: number | null): string =>
  minutes === null ? "longer than is looked at" : minutes === 0 ? "arrives too cold" : durationText(minutes);

/** What a change is worth against the minutes as they are: "+12 min". */
export function morningDifferenceText(minutes: number | null, now: number | null): string {
  if (minutes === null || now === null) return minutes === now ? "the same" : "";
  const difference = minutes - now;
  if (difference === 0) return "the same";
  return `${difference > 0 ? "+" : "−"}${durationText(Math.abs(difference))}`;
}
