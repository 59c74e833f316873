import type { Recurring } from "@/core/outing";
import type { CardMoment } from "@/core/evening";
import type { FieldCard } from "../../wire/evening/field-card";
import { instantAt } from "../../outing-file/to-outing";
import { stepWords } from "./dressing-words";
import { clockText, durationText } from "../time";
import { PHASE_WORDS } from "./sheet-words";
import { isTooHot, limitWords } from "./limit-words";

/** What comes again and again: "task with both hands, 4 min every 40 min". */
export function rhythmWords({ kind, minutes, everyMinutes, firstAfterMinutes, hands }: Recurring): string {
  const what = kind === "break" ? "move to get warm" : "task";
  const withHands = hands === "both" ? ", both hands" : hands === "working" ? ", working hand" : "";
  const again =
    everyMinutes === null
      ? `once, after ${durationText(firstAfterMinutes)}`
      : `every ${durationText(everyMinutes)}, first after ${durationText(firstAfterMinutes)}`;
  return `${what}${withHands}: ${durationText(minutes)} ${again}`;
}

/** First aid in the cold and what is never done, as it stands on every card (common practice; local rules come first). */
export const EMERGENCY_WORDS: readonly string[] = [
  "Fell in or soaked: out of the wind, dry set on next to the skin, everything over it, walk to shelter.",
  "White, hard skin: warm it against skin, do not rub, no heat pack on bare skin; to a doctor.",
  "Shivering stops, stumbling, confused: lie them down, insulate from the ground, call for help.",
  "No burning heater in a closed hide or tent. Stay tied in at height. Ice: local rules and local knowledge first.",
];

/** A moment in words; dressing is told piece by piece. */
export function momentWords({ act }: CardMoment): string[] {
  switch (act.kind) {
    case "phase":
      return [
        `${PHASE_WORDS[act.phase.kind]}, ${durationText(act.phase.minutes)}`,
        ...(act.phase.recurring ?? []).map(rhythmWords),
      ];
    case "dress":
      return act.steps.map(stepWords);
    case "watchYourself":
      return ["look at yourself from now on: one in ten is too cold by now"];
    case "turnBack":
      return ["TURN BACK NOW, whatever you see"];
    case "end":
      return ["out, at the start again: tell whoever knows of it"];
  }
}

/** What ends it, with its range: "left toes end it about 09:40, between 08:55 and 11:10 in eight cases of ten". */
export function endWords({ view, verdict, range, sit }: FieldCard): string {
  const clock = (minutes: number): string =>
    clockText(instantAt(view.startsAt, sit.fromMinute + minutes), view.place.timeZone);
  const bound = ({ kind, minutes }: FieldCard["range"]["low"]): string =>
    kind === "longerThan" ? `later than ${clock(minutes)}` : clock(minutes);
  const between = `between ${bound(range.low)} and ${bound(range.high)} in eight cases of ten`;
  if (verdict.kind === "longerThan") return `Nothing ends it before ${clock(verdict.minutesStill)}; ${between}.`;
  const what = verdict.limit ? limitWords(verdict.limit, { part: verdict.part ?? "body", side: verdict.side }) : "";
  if (verdict.kind === "arrivesTooCold") {
    return isTooHot(verdict.limit)
      ? `Too hot on arrival: ${what}. Wear less on the way or go slower.`
      : `Too cold on arrival: ${what}. Do not sit down.`;
  }
  return `About ${clock(verdict.minutesStill)}: ${what}; ${between}.`;
}
