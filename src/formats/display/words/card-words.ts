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
