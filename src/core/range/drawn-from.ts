import { normal, type RandomStream } from "../numeric";
import { likestOutfit, TRAITS, wornKeys, type Learnt, type Outing, type Unknown } from "../outing";
import { BOOT_SPREAD, CHANCES, CHANCE_SPREAD, OUTFIT_SPREAD, TRAIT_SPREAD, type Chance } from "./unknowns";
import { varyOuting } from "./vary-outing";

/** A person as they may be, as if nothing of them were in doubt. */
export type Point = Pick<Learnt, "unknowns" | "mode">;

/** An outing for a person and clothes as they may be. */
export const personAs = (outing: Outing, { unknowns, mode }: Point): Outing => ({
  ...outing,
  person: { ...outing.person, learnt: { unknowns, mode, root: [], notes: 0 } },
});

/** An outing as its chances make it; the model's own error is of the minutes, not of the outing. */
export const byChance = (outing: Outing, { lnWalkEffort, lnWind, airK }: Omit<Chance, "lnModel">): Outing =>
  varyOuting(outing, {
    airOffsetK: airK,
    windFactor: Math.exp(lnWind),
    walkEffortFactor: Math.exp(lnWalkEffort),
    stillHeatFactor: 1,
  });

export const drawnChance = (random: RandomStream): Chance =>
  Object.fromEntries(CHANCES.map((name) => [name, CHANCE_SPREAD[name] * normal(random)])) as Chance;

/** Nobody notes are known of: people as they differ. */
const PEOPLE: Learnt = {
  unknowns: TRAITS.map((trait) => ({ kind: "trait", trait })),
  mode: TRAITS.map(() => 0),
  root: TRAITS.map((trait, row) => [...Array.from({ length: row }, () => 0), TRAIT_SPREAD[trait]]),
  notes: 0,
};

type Row = { readonly unknown: Unknown; readonly mode: number; readonly root: readonly number[] };

/**
 * What is known of a person in an outing's clothes, those nothing was learnt of among it as labels are like; an outfit that
 * is nearly one that was learnt of is known in part.
 * @param learnt not given: of people as they differ
 */
export function knownFor(learnt: Learnt | undefined, outing: Outing): Learnt {
  const { unknowns, mode, root, notes } = learnt ?? PEOPLE;
  const { boots, outfit } = wornKeys(outing);
  const rows: Row[] = unknowns.map((unknown, place) => ({ unknown, mode: mode[place]!, root: root[place]! }));
  const addTo = (unknown: Unknown, spread: number, like: Row | undefined, alike: number): void => {
    const beside = Array.from({ length: rows.length }, (_, column) => alike * (like?.root[column] ?? 0));
    const own = spread * Math.sqrt(1 - alike ** 2);
    rows.push({ unknown, mode: alike * (like?.mode ?? 0), root: [...beside, own] });
  };
  if (boots !== null && !unknowns.some((own) => own.kind === "boots" && own.key === boots))
    addTo({ kind: "boots", key: boots }, BOOT_SPREAD, undefined, 0);
  const likest = likestOutfit({ unknowns }, outfit);
  if (likest?.likeness !== 1)
    addTo(
      { kind: "outfit", key: outfit },
      OUTFIT_SPREAD,
      likest ? rows[likest.place] : undefined,
      likest?.likeness ?? 0,
    );
  return {
    unknowns: rows.map(({ unknown }) => unknown),
    mode: rows.map((row) => row.mode),
    root: rows.map((row) => row.root),
    notes,
  };
}

/** The person at so many standard deviations from what is known, along each column of its root. */
export const personAt = ({ unknowns, mode, root }: Learnt, deviations: readonly number[]): Point => ({
  unknowns,
  mode: mode.map((own, row) => own + root[row]!.reduce((sum, value, at) => sum + value * deviations[at]!, 0)),
});

/** Draws persons in an outing's clothes. */
export function drawnFrom(learnt: Learnt | undefined, outing: Outing): (random: RandomStream) => Point {
  const known = knownFor(learnt, outing);
  return (random) =>
    personAt(
      known,
      known.mode.map(() => normal(random)),
    );
}
