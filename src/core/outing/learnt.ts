// What notes after sits teach of a person and of what they wear, as plain data that travels with an outing. How it is
// learnt is `core/calibration`; the simulation only follows it.

/** What is particular to a person. */
export type PersonTraits = {
  /** Heat of sitting over the model's, W/m²: not of basal heat, which would move set points too. */
  readonly sittingHeatWPerM2: number;
  /** Natural logarithm of the blood that warms the digits, over the model's. */
  readonly lnFlowFingers: number;
  readonly lnFlowToes: number;
  /** By so much warmer do they call toes and fingers cold, K. */
  readonly feltToesK: number;
  readonly feltFingersK: number;
  /** Natural logarithm of the shivering, and of the fall of the skin, they bear over others. */
  readonly lnTolerance: number;
};
export type Trait = keyof PersonTraits;
export const NOBODY_IN_PARTICULAR: PersonTraits = {
  sittingHeatWPerM2: 0,
  lnFlowFingers: 0,
  lnFlowToes: 0,
  feltToesK: 0,
  feltFingersK: 0,
  lnTolerance: 0,
};
export const TRAITS = Object.keys(NOBODY_IN_PARTICULAR) as readonly Trait[];

/** An unknown that is the same on every outing it matters to: of boots by their id, of all else worn by `outfitKey`. */
export type Unknown =
  { readonly kind: "trait"; readonly trait: Trait } | { readonly kind: "boots" | "outfit"; readonly key: string };

/** What a logbook teaches of one person: where each unknown most likely is, and how sure that is. */
export type Learnt = {
  readonly unknowns: readonly Unknown[];
  /** In the order of the unknowns; of clothes natural logarithms over what is read. */
  readonly mode: readonly number[];
  /** Lower triangle whose product with its own transpose is the covariance: a draw of all is the mode and this times normals. */
  readonly root: readonly (readonly number[])[];
  /** How many notes it is learnt from. */
  readonly notes: number;
  /** The model's own error, natural logarithm of minutes, where these notes show it to be larger than it usually is. */
  readonly modelSpread?: number | undefined;
};

/** How sure an unknown is: its standard deviation. @param place among the unknowns */
export const standardDeviationOf = ({ root }: Pick<Learnt, "root">, place: number): number =>
  Math.hypot(...root[place]!);

/** What is worn, as far as it is learnt of: over what is read, natural logarithms. */
export type Worn = { readonly lnBoots: number; readonly lnOutfit: number };
export const AS_READ: Worn = { lnBoots: 0, lnOutfit: 0 };

/** What is worn, by the names it is learnt under. */
export type WornKeys = { readonly boots: string | null; readonly outfit: string };

type Clothes = {
  readonly pieces: readonly { readonly id: string; readonly kind: string }[];
  readonly wearings: readonly { readonly pieceId: string }[];
};

const BETWEEN_IDS = " ";

/** @returns the boots, and all else that is worn as one outfit, whatever the order */
export function wornKeys({ pieces, wearings }: Clothes): WornKeys {
  const worn = new Set(wearings.map(({ pieceId }) => pieceId));
  const own = pieces.filter(({ id }) => worn.has(id));
  return {
    boots: own.find(({ kind }) => kind === "footwear")?.id ?? null,
    outfit: own
      .filter(({ kind }) => kind !== "footwear")
      .map(({ id }) => id)
      .sort()
      .join(BETWEEN_IDS),
  };
}

/** The traits of who was learnt of; of nobody in particular where nothing was. */
export function traitsOf(learnt: Pick<Learnt, "unknowns" | "mode"> | null | undefined): PersonTraits {
  const traits: Record<Trait, number> = { ...NOBODY_IN_PARTICULAR };
  learnt?.unknowns.forEach((own, place) => {
    if (own.kind === "trait") traits[own.trait] = learnt.mode[place]!;
  });
  return traits;
}

/** Share of pieces two outfits have in common, of all that are in either. */
function likeness(one: string, other: string): number {
  const [own, others] = [new Set(one.split(BETWEEN_IDS)), new Set(other.split(BETWEEN_IDS))];
  const common = [...own].filter((id) => others.has(id)).length;
  return common / (own.size + others.size - common);
}

/**
 * What is learnt of the outfit most like one, and how alike they are, 0…1: one piece more or less is nearly the same
 * outfit, and nothing is known of quite another.
 */
export function likestOutfit(
  { unknowns }: Pick<Learnt, "unknowns">,
  outfit: string,
): { readonly place: number; readonly likeness: number } | null {
  let best: { readonly place: number; readonly likeness: number } | null = null;
  for (const [place, own] of unknowns.entries()) {
    if (own.kind !== "outfit") continue;
    const alike = own.key === outfit ? 1 : likeness(own.key, outfit);
    if (alike > (best?.likeness ?? 0)) best = { place, likeness: alike };
  }
  return best;
}

/** An outing's clothes as they were learnt to be; what nothing was learnt of is as it is read. */
export function wornAsLearnt(learnt: Pick<Learnt, "unknowns" | "mode">, clothes: Clothes): Worn {
  const { boots, outfit } = wornKeys(clothes);
  const bootsAt = learnt.unknowns.findIndex((own) => own.kind === "boots" && own.key === boots);
  const likest = likestOutfit(learnt, outfit);
  return {
    lnBoots: learnt.mode[bootsAt] ?? 0,
    lnOutfit: likest ? likest.likeness * learnt.mode[likest.place]! : 0,
  };
}
