import { seededRandom } from "../numeric";
import { simulateOuting, type Outing, type SitAnswer } from "../outing";
import { drawVariation } from "./variation";
import { varyOuting } from "./vary-outing";

/** Minutes still that may be longer than was simulated. */
export type MinutesBound = { readonly kind: "minutes" | "longerThan"; readonly minutes: number };

/** Where the answer lies in eight cases of ten, as far as what is roughly known decides. */
export type MinutesRange = {
  readonly low: MinutesBound;
  readonly middle: MinutesBound;
  readonly high: MinutesBound;
  readonly members: number;
};

export const RANGE_MEMBERS = 64;
const RANGE_SEED = 1;
const LOW_SHARE = 0.1;
const MIDDLE_SHARE = 0.5;
const HIGH_SHARE = 0.9;

const boundOf = ({ verdict }: SitAnswer): MinutesBound => {
  if (verdict.kind === "longerThan") return { kind: "longerThan", minutes: verdict.minutes };
  return { kind: "minutes", minutes: verdict.kind === "ends" ? verdict.minutesStill : 0 };
};

const sortable = ({ kind, minutes }: MinutesBound): number => (kind === "longerThan" ? Infinity : minutes);

/** The bound below which such a share of the members lies; a member is named, nothing is interpolated. */
function quantile(sorted: readonly MinutesBound[], share: number): MinutesBound {
  return sorted[Math.round((sorted.length - 1) * share)]!;
}

/**
 * Simulates one sit of an outing in many variations drawn from a fixed seed.
 * @param sit place of the sit among the outing's sits
 * @param members how many variations, at least 1
 * @throws {CoreError} as `simulateOuting` does
 * @source docs/method.md, "Range"
 */
export function minutesRange(outing: Outing, sit: number, members: number = RANGE_MEMBERS): MinutesRange {
  const random = seededRandom(RANGE_SEED);
  const bounds = Array.from({ length: members }, () => {
    const variation = drawVariation(random, outing.pieces);
    const { sits } = simulateOuting(varyOuting(outing, variation), { nature: variation.nature });
    return boundOf(sits[sit]!);
  }).sort((one, other) => sortable(one) - sortable(other));
  return {
    low: quantile(bounds, LOW_SHARE),
    middle: quantile(bounds, MIDDLE_SHARE),
    high: quantile(bounds, HIGH_SHARE),
    members,
  };
}
