import { SPREAD_OF_PEOPLE } from "../outing";
import { normal, seededRandom, type RandomStream } from "../numeric";
import { USUAL_NATURE, type BodilyNature } from "../sitter";

/** One way in which what is only roughly known may be. */
export type Variation = {
  readonly nature: BodilyNature;
  /** Effort of walking above rest, over what the plan says. */
  readonly walkEffortFactor: number;
  /** The whole day's air against the forecast, K; its wind over the forecast. */
  readonly airOffsetK: number;
  readonly windFactor: number;
  /** Heat of what is done sitting or standing still, over what the plan says. */
  readonly stillHeatFactor: number;
  /** What all cloth insulates over what it is read to, and how thick the air under it is over what fit says. */
  readonly clothFactor: number;
  readonly gapFactor: number;
  /** Standard deviations by which each piece's label is misread, by piece. */
  readonly labelDeviation: ReadonlyMap<string, number>;
};

/** One standard deviation of each, cut at two. */
export const SPREAD = {
  ...SPREAD_OF_PEOPLE,
  stillHeat: 0.08,
  /** For a person who reports cold hands or a condition of the circulation. */
  digitFlowOfColdHands: 0.4,
  faceFlow: 0.2,
  cloth: 0.1,
  walkEffort: 0.2,
  forecastK: 1.5,
  forecastWind: 0.25,
} as const; // assumptions of the model's description, docs/method.md

/** How a warm trunk opens the anastomoses is anywhere in between, 1/K (assumption). */
export const OPENING_RANGE_PER_K = [4, 12] as const;
/** Gaps of air are anywhere in between, times what fit says; and the share of the toes on the sole (assumptions). */
export const GAP_RANGE = [0.6, 1.5] as const;
export const SOLE_SHARE_RANGE = [0.3, 0.4] as const;
export const CUT_AT_DEVIATIONS = 2;
const LEAST_DIGIT_FLOW = 0.1; // assumption

/** A draw from the normal distribution cut at two standard deviations: what falls outside is drawn again. */
export function cutNormal(random: RandomStream): number {
  for (;;) {
    const value = normal(random);
    if (Math.abs(value) <= CUT_AT_DEVIATIONS) return value;
  }
}

type NamedPiece = { readonly id: string; readonly name: string };

/** FNV-1a: spreads names over the whole numbers below 2³². @source Fowler, Noll & Vo, public domain */
const hashOf = (name: string): number =>
  [...name].reduce((hash, letter) => Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193) >>> 0, 0x811c9dc5);

/**
 * How each piece is misread: a draw of its own by its name, so that neither the order of the pieces nor another piece
 * added moves it.
 */
function drawLabels(seed: number, pieces: readonly NamedPiece[]): Map<string, number> {
  return new Map(pieces.map(({ id, name }) => [id, cutNormal(seededRandom(seed ^ hashOf(name)))]));
}

/** Draws one variation; the same stream gives the same one. */
export function drawVariation(random: RandomStream, pieces: readonly NamedPiece[], coldHands = false): Variation {
  const factor = (spread: number): number => 1 + spread * cutNormal(random);
  const anywhere = ([lowest, highest]: readonly [number, number]): number => lowest + (highest - lowest) * random();
  // Half of no flow at all would be a stopped limb: the spread of cold hands is cut where some flow is left.
  const digitFlow = (): number =>
    Math.max(LEAST_DIGIT_FLOW, factor(coldHands ? SPREAD.digitFlowOfColdHands : SPREAD.digitFlow));
  const variation = {
    nature: {
      ...USUAL_NATURE,
      basalHeatFactor: factor(SPREAD.basalHeat),
      flowFactor: { fingers: digitFlow(), toes: digitFlow(), face: factor(SPREAD.faceFlow) },
      soleShare: anywhere(SOLE_SHARE_RANGE),
      openingPerTrunkK: anywhere(OPENING_RANGE_PER_K),
    },
    stillHeatFactor: factor(SPREAD.stillHeat),
    clothFactor: factor(SPREAD.cloth),
    gapFactor: anywhere(GAP_RANGE),
    walkEffortFactor: factor(SPREAD.walkEffort),
    airOffsetK: SPREAD.forecastK * cutNormal(random),
    windFactor: factor(SPREAD.forecastWind),
  };
  const labelSeed = Math.floor(random() * 2 ** 32);
  return {
    ...variation,
    // Drawn when asked for: who simulates some of the members draws all of them.
    get labelDeviation() {
      return drawLabels(labelSeed, pieces);
    },
  };
}
