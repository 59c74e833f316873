import * as m from "@/messages";
import type { Figure, Sex } from "@/core/body";
import { levelEverywhere, LEVELS, type AcceptedLevels, type Level } from "@/core/limits";
import type { PersonChange } from "@/core/morning";
import type { Feels } from "@/core/outing";
import type { Side } from "@/core/patches";
import { same } from "../../same";
import { durationText } from "../time";

export const SEX_WORDS: Readonly<Record<Sex, string>> = { female: m.female, male: m.male };
export const FEELS_WORDS: Readonly<Record<Feels, string>> = {
  cold: m.colderThanOthersDressedAlike,
  usual: m.aboutAsOthersDo,
  warm: m.warmerThanOthersDressedAlike,
};
export const HAND_WORDS: Readonly<Record<Side, string>> = { left: m.left, right: m.right };
export const FIGURE_WORDS: Readonly<Record<Figure, string>> = {
  thin: m.thin,
  lean: m.lean,
  ordinary: m.ordinary,
  round: m.round,
  stout: m.stout,
};

/** How cold a person lets it get before they get up. */
export const ACCEPTED_WORDS: Readonly<Record<Level, string>> = {
  comfort: m.staysComfortableLeavesWhenToesTurn,
  cold: m.putsUpWithColdLeavesWhen,
  hard: m.putsUpWithMuchLeavesOnly,
};
export const ACCEPTED_ONE_BY_ONE = m.setLimitByLimit;

/** The level accepted everywhere; `null` where limits differ. */
export const levelOf = (accepted: AcceptedLevels): Level | null =>
  LEVELS.find((level) => same(accepted, levelEverywhere(level))) ?? null;

/** What is changed of a person, as a line of what it does. */
export function personChangeWords(change: PersonChange): string {
  switch (change.kind) {
    case "body":
      return m.inTheBodyOfAnOrdinary;
    case "fat":
      return m.withOfFat({ percent: Math.round(change.percent) });
    case "feels":
      return change.feels === "usual" ? m.ifYouFeltTheColdAs : m.ifYouFeltIt({ feels: FEELS_WORDS[change.feels] });
    case "coldHands":
      return change.has ? m.withHandsAndFeetThatAre : m.withoutHandsAndFeetThatAre;
    case "level":
      return {
        comfort: m.leavingWhileStillComfortable,
        cold: m.leavingWhenToesBeginToHurt,
        hard: m.leavingOnlyWhenToesGoNumb,
      }[change.level];
  }
}

/** Minutes of a standard morning. */
export const morningMinutesText = (minutes: number | null): string =>
  minutes === null ? m.longerThanIsLookedAt : minutes === 0 ? m.arrivesTooCold : durationText(minutes);

/** What a change is worth against the minutes as they are: "+12 min". */
export function morningDifferenceText(minutes: number | null, now: number | null): string {
  if (minutes === null || now === null) return minutes === now ? m.theSame : "";
  const difference = minutes - now;
  if (difference === 0) return m.theSame;
  return `${difference > 0 ? "+" : "−"}${durationText(Math.abs(difference))}`;
}
