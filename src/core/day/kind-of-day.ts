import { CoreError } from "../errors";
import { requiredInsulation } from "../standards";
import type { WeatherHour } from "../weather";

/** How a day runs, as people dress for it. */
export type DayKind = "stays" | "warms" | "turnsWorse";

/** A moment from which clothes should change, by what a still person needs. */
export type ClothingAdvice = {
  readonly minute: number;
  readonly action: "shed" | "add";
  /** Against what was needed at the last advice or the start, clo, positive. */
  readonly byClo: number;
};

export type DayRun = {
  readonly kind: DayKind;
  /** Insulation a still person needs at each hour, clo; in the order of the hours. */
  readonly neededClo: readonly number[];
  readonly advice: readonly ClothingAdvice[];
};

/** Heat of a person who sits still, W/m² (ISO 8996 resting, with a little handling). */
export const SITTING_W_PER_M2 = 65;
const WINDPROOF_L_PER_M2S = 8;
/** A change of need that is worth a piece of clothing, clo (assumption: a vest or a fleece). */
export const WORTH_A_PIECE_CLO = 0.5;
/** A change in the middle of the day so great that its end does not matter, clo (assumption). */
const GREAT_CHANGE_CLO = 1;

/** What a still person needs in this air, clo (IREQ neutral); nothing where the standard finds no need. */
function neededClo(hour: WeatherHour, windShare: number): number {
  try {
    return requiredInsulation(
      {
        airTemperatureC: hour.airTemperatureC,
        radiantTemperatureC: hour.radiantTemperatureC ?? hour.airTemperatureC,
        relativeWindMPerS: hour.windMPerS * windShare,
        relativeHumidityPercent: hour.relativeHumidityPercent,
        metabolicRateWPerM2: SITTING_W_PER_M2,
        walkSpeedMPerS: 0,
      },
      "neutral",
      WINDPROOF_L_PER_M2S,
    ).intrinsicClo;
  } catch (error) {
    if (error instanceof CoreError && error.code === "not-converged") return 0; // warmer than any clothing asks for
    throw error;
  }
}

function adviceOf(hours: readonly WeatherHour[], needed: readonly number[]): ClothingAdvice[] {
  const advice: ClothingAdvice[] = [];
  let dressedFor = needed[0] ?? 0;
  hours.forEach(({ minute }, index) => {
    const change = needed[index]! - dressedFor;
    if (Math.abs(change) < WORTH_A_PIECE_CLO) return;
    advice.push({ minute, action: change > 0 ? "add" : "shed", byClo: Math.abs(change) });
    dressedFor = needed[index]!;
  });
  return advice;
}

/** Hours a plan of so many minutes lives through, all that are known where none falls into it: what the weather does after it is no reason to dress for. */
export function hoursOfPlan<Hour extends { readonly minute: number }>(
  hours: readonly Hour[],
  minutes: number,
): readonly Hour[] {
  const during = hours.filter(({ minute }) => minute >= 0 && minute <= minutes);
  return during.length > 0 ? during : hours;
}

/**
 * Tells a day that stays from one that warms and one that turns worse, and when clothes should change, by the insulation
 * a still person needs hour by hour.
 * @param windShare share of the forecast's wind at the seat
 * @source need by ISO 11079:2007 (IREQ neutral); what counts as a change is an assumption
 */
export function dayRun(hours: readonly WeatherHour[], windShare: number): DayRun {
  const needed = hours.map((hour) => neededClo(hour, windShare));
  const start = needed[0] ?? 0;
  const changeAtEnd = (needed.at(-1) ?? start) - start;
  const most = Math.max(0, ...needed.map((need) => need - start));
  const least = Math.min(0, ...needed.map((need) => need - start));
  const kind: DayKind =
    most >= GREAT_CHANGE_CLO || changeAtEnd >= WORTH_A_PIECE_CLO
      ? "turnsWorse"
      : least <= -WORTH_A_PIECE_CLO
        ? "warms"
        : "stays";
  return { kind, neededClo: needed, advice: adviceOf(hours, needed) };
}
