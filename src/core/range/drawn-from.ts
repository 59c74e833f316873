import { normal, type RandomStream } from "../numeric";
import { likestOutfit, wornKeys, type Learnt, type Outing, type Unknown } from "../outing";
import { BOOT_SPREAD, CHANCES, CHANCE_SPREAD, OUTFIT_SPREAD, type Chance } from "./unknowns";
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

/**
 * Draws persons, in an outing's clothes, from what was learnt; clothes nothing was learnt of from what labels are like,
 * an outfit that is nearly one that was from both.
 */
export function drawnFrom(learnt: Learnt, outing: Outing): (random: RandomStream) => Point {
  const { mode, unknowns, root } = learnt;
  const { boots, outfit } = wornKeys(outing);
  const knowsBoots = unknowns.some((own) => own.kind === "boots" && own.key === boots);
  const likest = likestOutfit(learnt, outfit);
  const alike = likest?.likeness ?? 0;
  return (random) => {
    const normals = mode.map(() => normal(random));
    const drawn = mode.map((own, row) => own + root[row]!.reduce((sum, value, at) => sum + value * normals[at]!, 0));
    const unknown = { boots: BOOT_SPREAD * normal(random), outfit: OUTFIT_SPREAD * normal(random) };
    const beside: readonly (readonly [Unknown, number])[] = [
      ...(boots === null || knowsBoots ? [] : [[{ kind: "boots", key: boots } as const, unknown.boots] as const]),
      ...(alike === 1
        ? []
        : [
            [
              { kind: "outfit", key: outfit } as const,
              (likest ? alike * drawn[likest.place]! : 0) + Math.sqrt(1 - alike ** 2) * unknown.outfit,
            ] as const,
          ]),
    ];
    return {
      unknowns: [...unknowns, ...beside.map(([own]) => own)],
      mode: [...drawn, ...beside.map(([, value]) => value)],
    };
  };
}
