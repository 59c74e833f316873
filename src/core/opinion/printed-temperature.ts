import * as m from "@/messages";
import { minutesStillOf } from "../limits";
import { bisect } from "../numeric";
import { simulateOuting, type SitAnswer } from "../simulation";
import type { Outing } from "../outing";
import { sitMeans } from "./sit-means";

/** A boot's printed temperature beside what a sit in it gives. */
export type PrintedAgainstOurs = {
  readonly printedC: number;
  /** Minutes a person sits at the printed temperature before the toes reach their limit; `null` longer than simulated. */
  readonly minutesAtPrinted: number | null;
  /** Coldest air in which the toes last the planned time, °C; `null` where none in reach does. */
  readonly coldestForPlanC: number | null;
  readonly why: string;
};

/** Why a printed temperature and a sit differ (common practice, no source). */
export const WHY_PRINTED_DIFFERS = m.aPrintedTemperatureIsASurvival;
const SEARCH_C = [-60, 20] as const;
const TOLERANCE_K = 0.5;

/** The outing with its whole air moved so that the sit's mean is this. */
function withSitAirC(outing: Outing, meanC: number, targetC: number): Outing {
  const byK = targetC - meanC;
  return {
    ...outing,
    weather: outing.weather.map((hour) => ({
      ...hour,
      airTemperatureC: hour.airTemperatureC + byK,
      radiantTemperatureC: hour.radiantTemperatureC === null ? null : hour.radiantTemperatureC + byK,
    })),
  };
}

/** Minutes until the toes reach the person's level, other limits left aside; `null` when they never do. */
function toeMinutes(outing: Outing, sit: number): number | null {
  return minutesStillOf(simulateOuting(outing, { only: ["toes"] }).sits[sit]!.verdict);
}

/**
 * Sets a boot's printed temperature beside our sit: never an input, only shown.
 * @param sitPlace place of the sit among the outing's
 * @throws {CoreError} as `simulateOuting` does
 */
export function printedAgainstOurs(
  outing: Outing,
  sit: SitAnswer,
  sitPlace: number,
  printedC: number,
): PrintedAgainstOurs {
  const sitMeanAirC = sitMeans(outing, sit).airTemperatureC;
  const planned = sit.toMinute - sit.fromMinute;
  const spareAt = (airC: number): number =>
    (toeMinutes(withSitAirC(outing, sitMeanAirC, airC), sitPlace) ?? Infinity) - planned;
  const [coldest, warmest] = SEARCH_C;
  const coldestForPlanC =
    spareAt(warmest) < 0
      ? null
      : spareAt(coldest) >= 0
        ? coldest
        : bisect((airC) => (spareAt(airC) >= 0 ? 1 : -1), coldest, warmest, TOLERANCE_K);
  return {
    printedC,
    minutesAtPrinted: toeMinutes(withSitAirC(outing, sitMeanAirC, printedC), sitPlace),
    coldestForPlanC,
    why: WHY_PRINTED_DIFFERS,
  };
}
