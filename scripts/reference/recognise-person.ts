import { bodyParameters, SEGMENT_INDEX, SEGMENT_NODES, type BodyPerson } from "@/core/body";

type ScaledFigures = {
  readonly bsa: readonly number[];
  readonly capacity: readonly number[];
  readonly conductance_pairs: readonly (readonly [number, number, number])[];
  readonly bmr: number;
  readonly bfb_rate: number;
};

const CHEST = SEGMENT_NODES[SEGMENT_INDEX.chest]!;
/** One person per class of the published tables: fat classes and ages in years. */
const FAT_CLASSES = [10, 15, 20, 25, 30];
const AGES = Array.from({ length: 85 }, (_, year) => year + 15);
const STANDARD = { heightM: 1.72, massKg: 74.43, fatPercent: 15, ageYears: 20, sex: "male" } as const;

/**
 * The parameter table names its people without saying who they are: whoever is not one of the three known is found
 * again from single figures (one chest capacity, one area, one conductance, basal heat); all others then test us.
 * @param ourNodes our node for each node number of the table
 */
export function recognisePerson(figures: ScaledFigures, ourNodes: readonly number[]): BodyPerson {
  const core = ourNodes.indexOf(CHEST.core);
  const skin = ourNodes.indexOf(CHEST.skin);
  const chestWPerK = figures.conductance_pairs.find(([from, to]) => from === core && to === skin)?.[2] ?? NaN;
  const standard = bodyParameters(STANDARD, 1, "jos-3");
  const massKg = (STANDARD.massKg * figures.capacity[core]!) / standard.capacityJPerK[CHEST.core]!;
  const surfaceM2 = (standard.surfaceM2 * figures.bsa[0]!) / standard.skinAreaM2[0]!;
  const heightM = (surfaceM2 / (0.2025 * massKg ** 0.425)) ** (1 / 0.725);
  const nearest = <Candidate>(
    candidates: readonly Candidate[],
    distance: (candidate: Candidate) => number,
  ): Candidate => candidates.reduce((best, candidate) => (distance(candidate) < distance(best) ? candidate : best));
  const fatPercent = nearest(FAT_CLASSES, (fat) => {
    const { conductances } = bodyParameters({ ...STANDARD, heightM, massKg, fatPercent: fat });
    return Math.abs(conductances.skinInner[SEGMENT_INDEX.chest]! - chestWPerK);
  });
  const people = (["male", "female"] as const).flatMap((sex) =>
    AGES.map((ageYears): BodyPerson => ({ heightM, massKg, fatPercent, ageYears, sex })),
  );
  return nearest(people, (person) => {
    const { basalHeatW, bloodRatio } = bodyParameters(person, 1, "jos-3");
    return Math.abs(basalHeatW / figures.bmr - 1) + Math.abs(bloodRatio / figures.bfb_rate - 1);
  });
}
