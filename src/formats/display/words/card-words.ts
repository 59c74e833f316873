import * as m from "@/messages";
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
  const what = kind === "break" ? m.moveToGetWarm : m.task;
  const withHands = hands === "both" ? m.bothHands : hands === "working" ? m.workingHand : "";
  const again =
    everyMinutes === null
      ? m.onceAfter({ firstAfterMinutes: durationText(firstAfterMinutes) })
      : m.everyFirstAfter({
          everyMinutes: durationText(everyMinutes),
          firstAfterMinutes: durationText(firstAfterMinutes),
        });
  return `${what}${withHands}: ${durationText(minutes)} ${again}`;
}

/** First aid in the cold and what is never done, as it stands on every card (common practice; local rules come first). */
export const EMERGENCY_WORDS: readonly string[] = [
  m.fellInOrSoakedOutOf,
  m.whiteHardSkinWarmItAgainst,
  m.shiveringStopsStumblingConfusedLieThem,
  m.noBurningHeaterInAClosed,
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
      return [m.lookAtYourselfFromNowOn];
    case "turnBack":
      return [m.turnBackNowWhateverYouSee];
    case "end":
      return [m.outAtTheStartAgainTell];
  }
}

/** What ends it, with its range: "left toes end it about 09:40, between 08:55 and 11:10 in eight cases of ten". */
export function endWords({ view, verdict, range, sit }: FieldCard): string {
  const clock = (minutes: number): string =>
    clockText(instantAt(view.startsAt, sit.fromMinute + minutes), view.place.timeZone);
  const bound = ({ kind, minutes }: FieldCard["range"]["low"]): string =>
    kind === "longerThan" ? m.laterThan({ clock: clock(minutes) }) : clock(minutes);
  const between = m.betweenAndInEightCasesOf({ bound: bound(range.low), bound2: bound(range.high) });
  if (verdict.kind === "longerThan") return m.nothingEndsItBefore({ clock: clock(verdict.minutesStill), between });
  const what = verdict.limit ? limitWords(verdict.limit, { part: verdict.part ?? "body", side: verdict.side }) : "";
  if (verdict.kind === "arrivesTooCold") {
    return isTooHot(verdict.limit) ? m.tooHotOnArrivalWearLess({ what }) : m.tooColdOnArrivalDoNot({ what });
  }
  return m.about({ clock: clock(verdict.minutesStill), what, between });
}
