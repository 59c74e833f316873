import { LIMIT_TABLE } from "../limits";
import { sitSpans, withSitMinutes, type Outing, type PersonTraits, type SitSpan, type Worn } from "../outing";
import type { Chance } from "../range";
import { feltAt, simulateCurves } from "../simulation";
import { OutingAsLearnt } from "./as-learnt";
import { lnMinutesUntil } from "./crossing";

/** What a sit shows: natural logarithms of minutes until parts are cold, and how warm they are as it ends, as felt. */
export type SitMeasures = {
  readonly lnToes: number;
  readonly lnFingers: number;
  readonly lnBody: number;
  /** °C, the colder side; warmer people call the same temperature cold, so their shift is taken off. */
  readonly toesC: number;
  readonly fingersC: number;
};
export type Measure = keyof SitMeasures;
export const MEASURES: readonly Measure[] = ["lnToes", "lnFingers", "lnBody", "toesC", "fingersC"];

/** How far past its end a sit is looked at for what was not felt on it, min, and the longest that is simulated (assumptions). */
const PAST_END_MINUTES = 180;
const MOST_MINUTES = 600;
/** How far off is much: digits and skin, K; shivering, W/m² (assumptions). */
const MUCH = { digitsK: 3, skinK: 1, shiveringWPerM2: 15 } as const;

/** A sit that was told of, to be simulated again and again. */
export class SitAgain {
  private readonly asLearnt: OutingAsLearnt;
  private readonly span: SitSpan;

  /**
   * @param minutes how long the first sit was
   * @throws {CoreError} as `simulateOuting` does
   */
  constructor(
    outing: Outing,
    private readonly minutes: number,
  ) {
    const sat = withSitMinutes(outing, Math.min(MOST_MINUTES, minutes + PAST_END_MINUTES));
    this.span = sitSpans(sat.phases)[0]!;
    this.asLearnt = new OutingAsLearnt({ ...sat, phases: sat.phases.slice(0, this.span.lastPhase + 1) });
  }

  /** @throws {CoreError} as `simulateOuting` does */
  measures(traits: PersonTraits, worn: Worn, chance: Chance): SitMeasures {
    const series = simulateCurves(...this.asLearnt.as(traits, worn, chance));
    const sit = (values: Float64Array): Float64Array => values.subarray(this.span.fromMinute, this.span.toMinute + 1);
    const { leftToes, rightToes, leftFingers, rightFingers } = series.digitC;
    const toes = colder(sit(leftToes), sit(rightToes));
    const fingers = colder(sit(leftFingers), sit(rightFingers));
    const felt = feltAt(traits);
    const until = (values: Float64Array, limit: keyof typeof felt, much: number): number => {
      const { beyond, value } = felt[limit];
      return lnMinutesUntil(values, value.cold, beyond === "below" ? 1 : -1, LIMIT_TABLE[limit].lastsMinutes, much);
    };
    const end = Math.min(this.minutes, toes.length - 1);
    const body = Math.min(
      until(sit(series.shiveringWPerM2), "shivering", MUCH.shiveringWPerM2),
      until(sit(series.meanSkinC), "meanSkin", MUCH.skinK),
    );
    return {
      lnToes: chance.lnModel + until(toes, "toes", MUCH.digitsK),
      lnFingers: chance.lnModel + until(fingers, "fingers", MUCH.digitsK),
      lnBody: chance.lnModel + body,
      toesC: toes[end]! - traits.feltToesK,
      fingersC: fingers[end]! - traits.feltFingersK,
    };
  }
}

/** Of two sides the colder one, minute by minute. */
export const colder = (one: Float64Array, other: Float64Array): Float64Array =>
  one.map((value, minute) => Math.min(value, other[minute]!));
