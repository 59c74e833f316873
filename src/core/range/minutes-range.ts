import { runToEnd, seededRandom, type Steps } from "../numeric";
import { isExtrapolated, natureOf, simulateSitMinutes, type Outing } from "../outing";
import type { LevelVerdict } from "../limits";
import { restedPerson, type BodilyNature, type RestedPerson } from "../sitter";
import { addCurves, bandsOf, type MemberCurves, type RangeBands } from "./bands";
import { MisreadClothes } from "./misread";
import { drawVariation, type Variation } from "./variation";
import { varyOuting } from "./vary-outing";

/** Minutes still that may be longer than was simulated. */
export type MinutesBound = { readonly kind: "minutes" | "longerThan"; readonly minutes: number };

/** Where the answer lies in eight cases of ten, as far as what is roughly known decides. */
export type MinutesRange = {
  readonly low: MinutesBound;
  readonly middle: MinutesBound;
  readonly high: MinutesBound;
  readonly members: number;
  /** Minute by minute, between what shares of the members the curves lie. */
  readonly bands: RangeBands;
};

export const RANGE_MEMBERS = 64;
const RANGE_SEED = 1;
export const LOW_SHARE = 0.1;
const MIDDLE_SHARE = 0.5;
export const HIGH_SHARE = 0.9;

const boundOf = (verdict: LevelVerdict): MinutesBound => {
  if (verdict.kind === "longerThan") return { kind: "longerThan", minutes: verdict.minutes };
  return { kind: "minutes", minutes: verdict.kind === "ends" ? verdict.minutesStill : 0 };
};

const sortable = ({ kind, minutes }: MinutesBound): number => (kind === "longerThan" ? Infinity : minutes);

/** The bound below which such a share of the members lies; a member is named, nothing is interpolated. */
function quantile(sorted: readonly MinutesBound[], share: number): MinutesBound {
  return sorted[Math.round((sorted.length - 1) * share)]!;
}

/** What is known of a person, and what varies about it. */
const combined = (own: BodilyNature, drawn: BodilyNature): BodilyNature => ({
  basalHeatFactor: own.basalHeatFactor * drawn.basalHeatFactor,
  digitFlowFactor: own.digitFlowFactor * drawn.digitFlowFactor,
  openingPerTrunkK: drawn.openingPerTrunkK,
});

/** Outside the adult model the range is wider by half, both ways from its middle. */
export const WIDENED_BY = 1.5;
function widened(range: MinutesRange): MinutesRange {
  const { low, middle, high } = range;
  const away = (bound: MinutesBound): MinutesBound =>
    bound.kind === "longerThan" || middle.kind === "longerThan"
      ? bound
      : { ...bound, minutes: Math.max(0, Math.round(middle.minutes + (bound.minutes - middle.minutes) * WIDENED_BY)) };
  return { ...range, low: away(low), high: away(high) };
}

/** Some of the members of a range, simulated: their answers and curves. */
export type RangeMembers = { readonly bounds: readonly MinutesBound[]; readonly curves: MemberCurves };

/** A person as they step out, by their basal heat over what the equation gives: the same for every plan of theirs. */
export type RestedBy = (outing: Outing, basalHeatFactor: number) => RestedPerson;
const restedAnew: RestedBy = ({ person, start }, basalHeatFactor) => restedPerson(person.body, start, basalHeatFactor);

/** A range whose members are simulated part by part: what they share is worked out once. */
export class RangeInParts {
  private readonly random = seededRandom(RANGE_SEED);
  private readonly variations: Variation[] = [];
  private readonly clothes: MisreadClothes;

  /**
   * @param sit place of the sit among the outing's sits
   * @param restedBy for those who keep what they asked before
   * @throws {CoreError} `unknown-piece`
   */
  constructor(
    private readonly outing: Outing,
    private readonly sit: number,
    private readonly restedBy: RestedBy = restedAnew,
  ) {
    this.clothes = new MisreadClothes(outing);
  }

  /** Members draw in turn from one stream, whatever the order they are asked in. */
  private variationOf(member: number): Variation {
    const { pieces, person } = this.outing;
    while (this.variations.length <= member) {
      this.variations.push(drawVariation(this.random, pieces, person.coldHands));
    }
    return this.variations[member]!;
  }

  /** `rangeMembers` in steps, one member each. */
  *members(from: number, to: number): Steps<RangeMembers> {
    const curves: MemberCurves = { toes: [], fingers: [], heatDebt: [] };
    const bounds: MinutesBound[] = [];
    for (let member = from; member < to; member++) {
      const variation = this.variationOf(member);
      const nature = combined(natureOf(this.outing.person), variation.nature);
      const { sits, series } = simulateSitMinutes(varyOuting(this.clothes.outing, variation), {
        nature,
        misread: this.clothes.by(variation),
        rested: this.restedBy(this.outing, nature.basalHeatFactor),
        stepping: "doubled", // what a member's step errs by is lost among what members differ by (range.test.ts)
      });
      addCurves(curves, series);
      bounds.push(boundOf(sits[this.sit]!));
      yield;
    }
    return { bounds, curves };
  }
}

/**
 * Simulates some of a range's members. Each draws in turn from one seeded stream, so that parts simulated apart are the
 * same as all simulated at once.
 * @param sit place of the sit among the outing's sits
 * @param from first member, 0…
 * @param to member after the last
 * @throws {CoreError} as `simulateOuting` does
 */
export const rangeMembers = (outing: Outing, sit: number, from: number, to: number): RangeMembers =>
  runToEnd(new RangeInParts(outing, sit).members(from, to));

/** The range of all members, however they were parted. */
export function rangeOf(outing: Outing, parts: readonly RangeMembers[]): MinutesRange {
  const bounds = parts.flatMap((part) => part.bounds).sort((one, other) => sortable(one) - sortable(other));
  const range = {
    low: quantile(bounds, LOW_SHARE),
    middle: quantile(bounds, MIDDLE_SHARE),
    high: quantile(bounds, HIGH_SHARE),
    members: bounds.length,
    bands: bandsOf(
      parts.map(({ curves }) => curves),
      LOW_SHARE,
      HIGH_SHARE,
    ),
  };
  return isExtrapolated(outing.person.body) ? widened(range) : range;
}

/**
 * Simulates one sit of an outing in many variations drawn from a fixed seed.
 * @param members how many variations, at least 1
 * @throws {CoreError} as `simulateOuting` does
 * @source docs/method.md, "Range"
 */
export const minutesRange = (outing: Outing, sit: number, members: number = RANGE_MEMBERS): MinutesRange =>
  rangeOf(outing, [rangeMembers(outing, sit, 0, members)]);
