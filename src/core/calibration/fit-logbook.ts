import type { Felt } from "../logbook";
import {
  AS_READ,
  NOBODY_IN_PARTICULAR,
  TRAITS,
  wornKeys,
  type Outing,
  type PersonTraits,
  type Unknown,
  type Worn,
} from "../outing";
import { BOOT_SPREAD, CHANCES, CHANCE_SPREAD, NO_CHANCE, OUTFIT_SPREAD, TRAIT_SPREAD, type Chance } from "../range";
import { evidenceOf, type Evidence } from "./evidence";
import { laplaceMode, type Mode, type Observed } from "./laplace";
import { MEASURES, SitAgain, type Measure } from "./sit-measures";

/** A sit that was told of. */
export type ToldSit = { readonly outing: Outing; readonly felt: Felt };

/** A measure of a sit where the slopes were taken, and how it changes with each unknown, by place of the unknown. */
export type LinearMeasure = Pick<Observed, "value" | "slopes">;

/** One sit as far as it can be told without simulating it again. */
export type LinearSit = {
  readonly felt: Felt;
  readonly measures: Readonly<Record<Measure, LinearMeasure>>;
  readonly evidence: readonly Evidence[];
  /** Places of the unknowns that are this sit's alone. */
  readonly chanceAt: Readonly<Record<keyof Chance, number>>;
};

/** A logbook in its linear form about a point near its mode. */
export type FittedLogbook = {
  /** Those that last, which stand first among all. */
  readonly unknowns: readonly Unknown[];
  /** One standard deviation of every unknown before any note. */
  readonly spreads: readonly number[];
  /** Where the slopes were taken. */
  readonly from: readonly number[];
  /** Those whose note says something that can be computed. */
  readonly sits: readonly LinearSit[];
  /** How many notes there are, whatever they say. */
  readonly notes: number;
  readonly mode: Mode;
};

/** So often the slopes are taken again at the newest mode: times are nearly, not quite, linear in what is unknown. */
const ROUNDS = 2;
/** Steps slopes are taken with, of a standard deviation. */
const SLOPE_STEP = 0.5;

type Place = { readonly spread: number; readonly change: (inputs: Inputs, by: number) => Inputs };
type Inputs = { readonly traits: PersonTraits; readonly worn: Worn; readonly chance: Chance };

/** One sit and the places of its unknowns among all. */
type PlacedSit = {
  readonly felt: Felt;
  readonly again: SitAgain;
  readonly evidence: readonly Evidence[];
  readonly places: readonly number[];
  readonly own: readonly Place[];
  readonly chanceAt: Readonly<Record<keyof Chance, number>>;
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
 * Simulates every sit of a logbook with each unknown moved a little, and finds the mode.
 * @throws {CoreError} as `simulateOuting` does
 */
export function fitLogbook(sits: readonly ToldSit[]): FittedLogbook {
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
  const placed = sits.map(({ outing, felt }, sit): PlacedSit => {
    const { boots, outfit } = keys[sit]!;
    const chanceFrom = spreads.length;
    for (const { spread } of chancePlaces) spreads.push(spread);
    return {
      felt,
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
      chanceAt: Object.fromEntries(CHANCES.map((chance, at) => [chance, chanceFrom + at])) as Record<
        keyof Chance,
        number
      >,
    };
  });
  let fitted: FittedLogbook = {
    unknowns,
    spreads,
    from: spreads.map(() => 0),
    sits: [],
    notes: sits.length,
    mode: { at: spreads.map(() => 0), covariance: [] },
  };
  for (let round = 0; round < ROUNDS; round++) {
    const from = fitted.mode.at;
    const linear = placed.flatMap((sit) => (sit.evidence.length > 0 ? [linearAt(sit, from)] : []));
    fitted = { ...fitted, from, sits: linear, mode: laplaceMode(spreads, from, linear.flatMap(observedOf)) };
  }
  return fitted;
}

/** What a sit says, in its linear form. */
export const observedOf = ({ evidence, measures }: LinearSit): Observed[] =>
  evidence.map(({ measure, loss }) => ({ ...measures[measure], loss }));

/** What a sit shows at a point, and how that changes with each unknown it depends on. */
function linearAt({ felt, again, evidence, places, own, chanceAt }: PlacedSit, at: readonly number[]): LinearSit {
  const here = own.reduce<Inputs>((inputs, { change }, place) => change(inputs, at[places[place]!]!), NOTHING);
  const measured = ({ traits, worn, chance }: Inputs) => again.measures(traits, worn, chance);
  const middle = measured(here);
  const slopes = new Map<Measure, Map<number, number>>(MEASURES.map((measure) => [measure, new Map()]));
  for (const [place, { spread, change }] of own.entries()) {
    const step = SLOPE_STEP * spread;
    const other = measured(change(here, step));
    for (const measure of MEASURES) {
      const slope = (other[measure] - middle[measure]) / step;
      if (slope !== 0) slopes.get(measure)!.set(places[place]!, slope);
    }
  }
  const linear = (measure: Measure): LinearMeasure => ({ value: middle[measure], slopes: slopes.get(measure)! });
  return {
    felt,
    evidence,
    chanceAt,
    measures: {
      lnToes: linear("lnToes"),
      lnFingers: linear("lnFingers"),
      lnBody: linear("lnBody"),
      toesC: linear("toesC"),
      fingersC: linear("fingersC"),
    },
  };
}
