import { CholeskyDecomposition, Matrix } from "ml-matrix";
import { leastMinutesStill, type LevelVerdict } from "../limits";
import { seededRandom, type RandomStream } from "../numeric";
import type { Outing } from "../outing";
import { simulateOneSit } from "../simulation";
import { OutingAsLearnt } from "./as-learnt";
import { wornKeys, type Learnt } from "./calibrate";
import {
  BOOT_SPREAD,
  CHANCES,
  CHANCE_SPREAD,
  OUTFIT_SPREAD,
  TRAITS,
  TRAIT_SPREAD,
  type Chance,
  type PersonTraits,
} from "./unknowns";

/** Minutes of a sit for a person a logbook is known of; `null` later than was looked at. */
export type LearntRange = {
  readonly low: number | null;
  readonly middle: number | null;
  readonly high: number | null;
};

const MEMBERS = 64;
const SEED = 1;
const LOW_SHARE = 0.1;
const normal = (random: RandomStream): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/**
 * Where the minutes of an outing's first sit lie in eight cases of ten: the person and the clothes drawn from what was
 * learnt, the outing's chances from what they usually are.
 * @param learnt `null`: of nobody in particular, by the same means
 * @throws {CoreError} as `simulateOuting` does
 */
export function learntRange(outing: Outing, learnt: Learnt | null, seed = SEED): LearntRange {
  const random = seededRandom(seed);
  const again = new OutingAsLearnt(outing);
  const { boots, outfit } = wornKeys(outing);
  const draw = drawnFrom(learnt);
  const minutes = Array.from({ length: MEMBERS }, () => {
    const own = draw(random);
    const chance = Object.fromEntries(CHANCES.map((name) => [name, CHANCE_SPREAD[name] * normal(random)])) as Chance;
    const unknown = { boots: BOOT_SPREAD * normal(random), outfit: OUTFIT_SPREAD * normal(random) };
    const worn = {
      lnBoots: own.worn.get(`boots ${boots ?? ""}`) ?? unknown.boots,
      lnOutfit: own.worn.get(`outfit ${outfit}`) ?? unknown.outfit,
    };
    return minutesOf(simulateOneSit(...withoutSeries(again.as(own.traits, worn, chance))), chance);
  }).sort((one, other) => one - other);
  const at = (share: number): number | null => {
    const value = minutes[Math.round(share * (minutes.length - 1))]!;
    return value === Infinity ? null : Math.round(value);
  };
  return { low: at(LOW_SHARE), middle: at(0.5), high: at(1 - LOW_SHARE) };
}

const withoutSeries = ([outing, options]: ReturnType<OutingAsLearnt["as"]>) => [outing, 0, options] as const;

const minutesOf = (verdict: LevelVerdict, { lnModel }: Chance): number =>
  verdict.kind === "longerThan" ? Infinity : leastMinutesStill(verdict) * Math.exp(lnModel);

/** Draws persons and clothes: from the posterior, or from what people are like. */
function drawnFrom(learnt: Learnt | null): (random: RandomStream) => {
  readonly traits: PersonTraits;
  readonly worn: ReadonlyMap<string, number>;
} {
  if (!learnt)
    return (random) => ({
      traits: Object.fromEntries(TRAITS.map((trait) => [trait, TRAIT_SPREAD[trait] * normal(random)])) as PersonTraits,
      worn: new Map(),
    });
  const { mode, unknowns } = learnt;
  const root = new CholeskyDecomposition(new Matrix(learnt.covariance.map((row) => [...row]))).lowerTriangularMatrix;
  return (random) => {
    const normals = mode.map(() => normal(random));
    const values = mode.map((own, row) => own + normals.reduce((sum, value, at) => sum + root.get(row, at) * value, 0));
    return {
      traits: Object.fromEntries(TRAITS.map((trait, place) => [trait, values[place]!])) as PersonTraits,
      worn: new Map(
        unknowns.flatMap((own, place) => (own.kind === "trait" ? [] : [[`${own.kind} ${own.key}`, values[place]!]])),
      ),
    };
  };
}
