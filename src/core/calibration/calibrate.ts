import type { Felt } from "../logbook";
import { evidenceOf, type Evidence } from "./evidence";
import { laplaceMode, rootOf, type Mode, type Observed } from "./laplace";
import { SitAgain, type Measure, type SitMeasures } from "./sit-measures";
import {
  AS_READ,
  NOBODY_IN_PARTICULAR,
  TRAITS,
  wornKeys,
  type Learnt,
  type Outing,
  type PersonTraits,
  type Unknown,
  type Worn,
} from "../outing";
import { BOOT_SPREAD, CHANCES, CHANCE_SPREAD, NO_CHANCE, OUTFIT_SPREAD, TRAIT_SPREAD, type Chance } from "../range";

/** A sit that was told of. */
export type ToldSit = { readonly outing: Outing; readonly felt: Felt };

/** So often the slopes are taken again at the newest mode: times are nearly, not quite, linear in what is unknown. */
const ROUNDS = 2;
/** Steps slopes are taken with, of a standard deviation. */
const SLOPE_STEP = 0.5;

type Place = { readonly spread: number; readonly change: (inputs: Inputs, by: number) => Inputs };
type Inputs = { readonly traits: PersonTraits; readonly worn: Worn; readonly chance: Chance };

/** One sit and the places of its unknowns among all. */
type Fitted = {
  readonly again: SitAgain;
  readonly evidence: readonly Evidence[];
  readonly places: readonly number[];
  readonly own: readonly Place[];
};

const traitPlaces: readonly Place[] = TRAITS.map((trait) => ({
  spread: TRAIT_SPREAD[trait],
  change: (inputs, by) => ({ ...inputs, traits: { ...inputs.traits, [trait]: inputs.traits[trait] + by } }),
}));
const wornPlace = (name: keyof Worn, spread: number): Place => ({
  spread,
  change: (inputs, by) => ({ ...inputs, worn: { ...inputs.worn, [name]: inputs.worn[name] + by } }),
});
const chancePlaces: readonly Place[] = CHANCES.map((chance) => ({
  spread: CHANCE_SPREAD[chance],
  change: (inputs, by) => ({ ...inputs, chance: { ...inputs.chance, [chance]: inputs.chance[chance] + by } }),
}));
const NOTHING: Inputs = { traits: NOBODY_IN_PARTICULAR, worn: AS_READ, chance: NO_CHANCE };

/**
 * What a logbook teaches of one person. The order of the notes does not matter, and a note that is left out has taught nothing.
 * @throws {CoreError} as `simulateOuting` does
 */
export function calibrate(sits: readonly ToldSit[]): Learnt {
  const unknowns: Unknown[] = TRAITS.map((trait) => ({ kind: "trait", trait }));
  const spreads: number[] = TRAITS.map((trait) => TRAIT_SPREAD[trait]);
  const placeOf = (kind: "boots" | "outfit", key: string): number => {
    const known = unknowns.findIndex((own) => own.kind === kind && own.key === key);
    if (known >= 0) return known;
    spreads.push(kind === "boots" ? BOOT_SPREAD : OUTFIT_SPREAD);
    return unknowns.push({ kind, key }) - 1;
  };
  const keys = sits.map(({ outing }) => wornKeys(outing));
  for (const { boots, outfit } of keys) {
    if (boots !== null) placeOf("boots", boots);
    placeOf("outfit", outfit);
  }
  const lasting = unknowns.length;
  const fitted = sits.map(({ outing, felt }, sit): Fitted => {
    const { boots, outfit } = keys[sit]!;
    const chanceFrom = spreads.length;
    for (const { spread } of chancePlaces) spreads.push(spread);
    return {
      again: new SitAgain(outing, felt.minutes),
      evidence: evidenceOf(felt),
      places: [
        ...TRAITS.keys(),
        ...(boots === null ? [] : [placeOf("boots", boots)]),
        placeOf("outfit", outfit),
        ...chancePlaces.map((_, chance) => chanceFrom + chance),
      ],
      own: [
        ...traitPlaces,
        ...(boots === null ? [] : [wornPlace("lnBoots", BOOT_SPREAD)]),
        wornPlace("lnOutfit", OUTFIT_SPREAD),
        ...chancePlaces,
      ],
    };
  });
  let mode: Mode = { at: spreads.map(() => 0), covariance: [] };
  for (let round = 0; round < ROUNDS; round++) {
    const { at } = mode;
    mode = laplaceMode(
      spreads,
      at,
      fitted.flatMap((sit) => observedAt(sit, at)),
    );
  }
  return {
    unknowns,
    mode: mode.at.slice(0, lasting),
    root: rootOf(mode.covariance.slice(0, lasting).map((row) => row.slice(0, lasting))),
    notes: sits.length,
  };
}

/** What a sit shows at a point, and how that changes with each unknown it depends on. */
function observedAt({ again, evidence, places, own }: Fitted, at: readonly number[]): Observed[] {
  if (evidence.length === 0) return [];
  const here = own.reduce<Inputs>((inputs, { change }, place) => change(inputs, at[places[place]!]!), NOTHING);
  const measured = ({ traits, worn, chance }: Inputs): SitMeasures => again.measures(traits, worn, chance);
  const middle = measured(here);
  const slopes: Readonly<Record<Measure, Map<number, number>>> = {
    lnToes: new Map(),
    lnFingers: new Map(),
    lnBody: new Map(),
    toesC: new Map(),
    fingersC: new Map(),
  };
  for (const [place, { spread, change }] of own.entries()) {
    const step = SLOPE_STEP * spread;
    const other = measured(change(here, step));
    for (const { measure } of evidence) {
      const slope = (other[measure] - middle[measure]) / step;
      if (slope !== 0) slopes[measure].set(places[place]!, slope);
    }
  }
  return evidence.map(({ measure, loss }) => ({ value: middle[measure], slopes: slopes[measure], loss }));
}
