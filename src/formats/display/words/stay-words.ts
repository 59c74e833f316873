import { insulationFromClo } from "@/core/units";
import { insulationText } from "../quantities";
import { totalMinutes } from "@/core/outing";
import type { DayRun } from "@/core/day";
import { instantAt } from "../../outing-file/to-outing";
import type { OutingView } from "../../wire/outing/outing-view";
import { clockText } from "../time";
import type { Caution, GoOrStay, StayReason } from "@/core/opinion";
import { durationText } from "../time";

const STAY_WORDS: Readonly<Record<StayReason, string>> = {
  arrivesNumb: "fingers, toes or face are numb on arrival",
  arrivesTooHot: "the way in overheats the body: wear less on it or go slower",
  hardLimitSoon: "a hard limit comes within half an hour",
  frostbiteHazard: "bare skin may freeze within ten minutes",
  motionlessInDeepCold: "sitting motionless below −18 °C, where experienced people stay at home (common practice)",
};

/** Advice in a line; `null` when there is nothing to say against going. */
export function stayWords(advice: GoOrStay): string | null {
  if (advice.kind === "go") return null;
  if (advice.kind === "short") return `The plan is ${durationText(advice.missingMinutes)} too long.`;
  return `Better stay at home or change the plan: ${advice.reasons.map((reason) => STAY_WORDS[reason]).join("; ")}.`;
}

export const CAUTION_WORDS: Readonly<Record<Caution, string>> = {
  outsideAdultModel: "This person lies outside the adult model: figures are extrapolated, call them in early.",
  askADoctorAboutColdHands: "Cold hands or feet often, or white fingers: ask a doctor before long sits.",
};

const KIND_WORDS: Readonly<Record<DayRun["kind"], string>> = {
  stays: "The day stays much as it begins.",
  warms: "The day warms.",
  turnsWorse: "The day turns worse.",
};
const MOST_ADVICE = 2;

/** How the day runs, and when a still person should shed or add. */
export function dayWords({ kind, advice }: DayRun, view: Pick<OutingView, "startsAt" | "place" | "phases">): string {
  const end = totalMinutes(view.phases);
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const within = advice.filter(({ minute }) => minute > 0 && minute < end).slice(0, MOST_ADVICE);
  const words = within.map(
    ({ action, minute, byClo }) => `${action} about ${insulationText(insulationFromClo(byClo), 1)} by ${clock(minute)}`,
  );
  return words.length === 0 ? KIND_WORDS[kind] : `${KIND_WORDS[kind]} Against the start: ${words.join(", ")}.`;
}
