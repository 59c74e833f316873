import { CholeskyDecomposition, Matrix } from "ml-matrix";
import { normal, type RandomStream } from "../numeric";
import type { Outing } from "../outing";
import { wornKeys, type Learnt } from "./calibrate";
import { BOOT_SPREAD, OUTFIT_SPREAD, TRAITS, TRAIT_SPREAD, type PersonTraits, type Worn } from "./unknowns";

/** A person and their clothes as they may be. */
export type Drawn = {
  readonly traits: PersonTraits;
  /** Natural logarithms over what is read, by kind and key; clothes nothing was learnt of are not there. */
  readonly worn: ReadonlyMap<string, number>;
};

const traitsOf = (values: readonly number[]): PersonTraits =>
  Object.fromEntries(TRAITS.map((trait, place) => [trait, values[place]!])) as PersonTraits;

/** Draws persons and clothes: from what was learnt, or from what people are like. */
export function drawnFrom(learnt: Learnt | null): (random: RandomStream) => Drawn {
  if (!learnt)
    return (random) => ({
      traits: traitsOf(TRAITS.map((trait) => TRAIT_SPREAD[trait] * normal(random))),
      worn: new Map(),
    });
  const { mode, unknowns } = learnt;
  const root = new CholeskyDecomposition(new Matrix(learnt.covariance.map((row) => [...row]))).lowerTriangularMatrix;
  return (random) => {
    const normals = mode.map(() => normal(random));
    const values = mode.map((own, row) => own + normals.reduce((sum, value, at) => sum + root.get(row, at) * value, 0));
    const worn = unknowns.flatMap((own, place) =>
      own.kind === "trait" ? [] : [[`${own.kind} ${own.key}`, values[place]!] as const],
    );
    return { traits: traitsOf(values), worn: new Map(worn) };
  };
}

/** What is worn on an outing as it was drawn; what nothing was learnt of is drawn from what labels are like. */
export function wornOf({ worn }: Drawn, outing: Outing, random: RandomStream): Worn {
  const { boots, outfit } = wornKeys(outing);
  const unknown = { boots: BOOT_SPREAD * normal(random), outfit: OUTFIT_SPREAD * normal(random) };
  return {
    lnBoots: worn.get(`boots ${boots ?? ""}`) ?? unknown.boots,
    lnOutfit: worn.get(`outfit ${outfit}`) ?? unknown.outfit,
  };
}
