import * as m from "@/messages";
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
  arrivesNumb: m.fingersToesOrFaceAreNumb,
  arrivesTooHot: m.theWayInOverheatsTheBody,
  hardLimitSoon: m.aHardLimitComesWithinHalf,
  frostbiteHazard: m.bareSkinMayFreezeWithinTen,
  motionlessInDeepCold: m.sittingMotionlessBelow18CWhere,
};

/** Advice in a line; `null` when there is nothing to say against going. */
export function stayWords(advice: GoOrStay): string | null {
  if (advice.kind === "go") return null;
  if (advice.kind === "short") return m.thePlanIsTooLong({ missingMinutes: durationText(advice.missingMinutes) });
  return m.betterStayAtHomeOrChange({ reasons: advice.reasons.map((reason) => STAY_WORDS[reason]).join("; ") });
}

export const CAUTION_WORDS: Readonly<Record<Caution, string>> = {
  outsideAdultModel: m.thisPersonLiesOutsideTheAdult,
  askADoctorAboutColdHands: m.coldHandsOrFeetOftenOr,
};

const KIND_WORDS: Readonly<Record<DayRun["kind"], string>> = {
  stays: m.theDayStaysMuchAsIt,
  warms: m.theDayWarms,
  turnsWorse: m.theDayTurnsWorse,
};
const MOST_ADVICE = 2;
const ACTION_WORDS = { shed: m.shedClothes, add: m.addClothesWord } as const;

/** How the day runs, and when a still person should shed or add. */
export function dayWords({ kind, advice }: DayRun, view: Pick<OutingView, "startsAt" | "place" | "phases">): string {
  const end = totalMinutes(view.phases);
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const within = advice.filter(({ minute }) => minute > 0 && minute < end).slice(0, MOST_ADVICE);
  const words = within.map(({ action, minute, byClo }) =>
    m.aboutBy({
      action: ACTION_WORDS[action],
      insulationFromClo: insulationText(insulationFromClo(byClo), 1),
      clock: clock(minute),
    }),
  );
  return words.length === 0 ? KIND_WORDS[kind] : m.againstTheStart({ kind: KIND_WORDS[kind], words: words.join(", ") });
}
