import { lnMinutesUntil } from "../calibration";
import { leastMinutesStill, type Crossing } from "../limits";
import { sitSpans, traitsOf, withSitMinutes, type Outing, type SitSpan } from "../outing";
import { byChance, personAs, type Chance, type Point } from "../range";
import { feltAt, natureOf, outfitResolverOf, simulateSitMinutes, type LabelErrors } from "../simulation";
import { restedPerson, type RestedPerson } from "../sitter";
import type { DigitSensor } from "../loggers";

/** One way in which a person, their clothes and the day may be. */
export type Way = { readonly person: Point; readonly chance: Chance };

/** A sit as it goes in one way. */
export type LiveRun = {
  /** °C, one value a minute from the start of the outing. */
  readonly digitC: Readonly<Record<DigitSensor, Float64Array>>;
  /** Over the forecast, K. */
  readonly airK: number;
  /** By so much warmer they call toes and fingers cold, K. */
  readonly feltK: { readonly toes: number; readonly fingers: number };
  /** Minutes of the sit over what is simulated: the model's own error. */
  readonly minutesFactor: number;
  /** Minutes of the sit until it ends; infinite where nothing ends it. */
  readonly endMinutes: number;
  readonly endedBy: Pick<Crossing, "limit" | "place"> | null;
  /** Minutes of the sit until the whole body is cold. */
  readonly bodyColdMinutes: number;
};

/** A sit is looked at so far past its plan, and no longer than this altogether, min (assumptions). */
const PAST_PLAN_MINUTES = 180;
const MOST_MINUTES = 720;
/** How far off is much: skin, K; shivering, W/m² (assumptions). */
const MUCH = { skinK: 1, shiveringWPerM2: 15 } as const;

/** The first sit of an outing, to be simulated in many ways. */
export class LiveSit {
  readonly span: SitSpan;
  readonly outing: Outing;
  private readonly rested: RestedPerson;
  private readonly labelErrors: LabelErrors;

  /** @throws {CoreError} as `simulateOuting` does */
  constructor(plan: Outing) {
    const [planned] = sitSpans(plan.phases);
    const minutes = planned ? planned.toMinute - planned.fromMinute : 0;
    const held = withSitMinutes(plan, Math.min(MOST_MINUTES, minutes + PAST_PLAN_MINUTES));
    this.span = sitSpans(held.phases)[0]!;
    this.outing = { ...held, phases: held.phases.slice(0, this.span.lastPhase + 1) };
    this.rested = restedPerson(plan.person.body, plan.start, natureOf(plan.person).basalHeatFactor);
    this.labelErrors = { resolver: outfitResolverOf(this.outing) };
  }

  /** @throws {CoreError} as `simulateOuting` does */
  run({ person, chance }: Way): LiveRun {
    const outing = byChance(personAs(this.outing, person), chance);
    const { rested, labelErrors } = this;
    const { sits, series } = simulateSitMinutes(outing, { rested, labelErrors, stepping: "doubled" });
    const verdict = sits[0]!;
    const traits = traitsOf(person);
    const { shivering, meanSkin } = feltAt(traits);
    const minutesFactor = Math.exp(chance.lnModel);
    const sit = (values: Float64Array): Float64Array => values.subarray(this.span.fromMinute, this.span.toMinute + 1);
    const lnBody = Math.min(
      lnMinutesUntil(sit(series.shiveringWPerM2), shivering.value.cold, -1, 0, MUCH.shiveringWPerM2),
      lnMinutesUntil(sit(series.meanSkinC), meanSkin.value.cold, 1, 0, MUCH.skinK),
    );
    return {
      digitC: series.digitC,
      airK: chance.airK,
      feltK: { toes: traits.feltToesK, fingers: traits.feltFingersK },
      minutesFactor,
      endMinutes: verdict.kind === "longerThan" ? Infinity : leastMinutesStill(verdict) * minutesFactor,
      endedBy: verdict.kind === "longerThan" ? null : verdict.crossing,
      bodyColdMinutes: Math.exp(lnBody) * minutesFactor,
    };
  }

  /** Temperature of a digit at a minute of the outing, between two of its own; the model's own error stretches the sit. */
  digitC(run: LiveRun, sensor: DigitSensor, minute: number): number {
    const values = run.digitC[sensor];
    const { fromMinute } = this.span;
    const own = minute <= fromMinute ? minute : fromMinute + (minute - fromMinute) / run.minutesFactor;
    const low = Math.max(0, Math.min(values.length - 1, Math.floor(own)));
    const high = Math.min(values.length - 1, low + 1);
    return values[low]! + (values[high]! - values[low]!) * Math.min(1, Math.max(0, own - low));
  }
}
