import type { OutingResult, SitAnswer } from "@/core/simulation";
import { type Crossing, type LevelVerdict, type Verdict, minutesStillOf } from "@/core/limits";
import { DIGITS } from "@/core/digits";
import { instantAt } from "./to-outing";

const PLACES = 3;
const rounded = (values: ArrayLike<number>): number[] => Array.from(values, (value) => Number(value.toFixed(PLACES)));

/** A crossing with the instant at which it comes. */
const describeCrossing = (crossing: Crossing, sit: SitAnswer, startsAt: string): object => ({
  limit: crossing.limit,
  part: crossing.place.part,
  side: crossing.place.side,
  level: crossing.level,
  minute: crossing.minute,
  at: instantAt(startsAt, sit.fromMinute + crossing.minute),
});

function describeVerdict(verdict: LevelVerdict, sit: SitAnswer, startsAt: string): object {
  if (verdict.kind === "longerThan") return { kind: verdict.kind, minutes: verdict.minutes };
  return {
    kind: verdict.kind,
    minutesStill: minutesStillOf(verdict),
    endedBy: describeCrossing(verdict.crossing, sit, startsAt),
  };
}

const describeRunnerUp = (verdict: Verdict, sit: SitAnswer, startsAt: string): object =>
  verdict.kind === "longerThan"
    ? {}
    : { runnerUp: verdict.runnerUp && describeCrossing(verdict.runnerUp, sit, startsAt) };

/** A result as plain JSON: the verdict of each sit, with clock times, at the accepted and at all three levels. */
export const describeResult = (result: OutingResult, startsAt: string): object => ({
  modelVersion: result.modelVersion,
  extrapolated: result.extrapolated,
  decidingSit: result.decidingSit,
  sits: result.sits.map((sit) => ({
    fromMinute: sit.fromMinute,
    plannedMinutes: sit.toMinute - sit.fromMinute,
    verdict: { ...describeVerdict(sit.verdict, sit, startsAt), ...describeRunnerUp(sit.verdict, sit, startsAt) },
    byLevel: Object.fromEntries(
      Object.entries(sit.byLevel).map(([level, verdict]) => [level, describeVerdict(verdict, sit, startsAt)]),
    ),
    beingLeft: sit.recoveries.map(({ limit, place, level, backAfterMinutes }) => ({
      limit,
      part: place.part,
      side: place.side,
      level,
      backAt: instantAt(startsAt, sit.fromMinute + backAfterMinutes),
    })),
    standardEndsAt: sit.standardMinutes === null ? null : instantAt(startsAt, sit.fromMinute + sit.standardMinutes),
  })),
});

/** The curves of a result, a value per minute from the start. */
export const describeSeries = ({ series }: OutingResult): object => ({
  minutes: series.minutes,
  ...Object.fromEntries(DIGITS.map((digit) => [`${digit}C`, rounded(series.digitC[digit])])),
  heatDebtWhPerM2: rounded(series.heatDebtWhPerM2),
  shiveringWPerM2: rounded(series.shiveringWPerM2),
  trunkC: rounded(series.trunkC),
  meanSkinC: rounded(series.meanSkinC),
  heatMadeW: rounded(series.heatMadeW),
  airTemperatureC: rounded(series.airTemperatureC),
  relativeWindMPerS: rounded(series.relativeWindMPerS),
});
