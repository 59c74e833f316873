import { PATCH_ANATOMY, PATCHES, type Patch } from "../../patches";
import { readLabel } from "../../labels";
import { LIMITS, LIMIT_TABLE, type Limit } from "../../limits";
import { KIND_TABLE } from "../../pieces";
import type { OutfitCode } from "../outfit/outfit-code";
import type { DresserPiece } from "../outfit/wishes";

// What of an outfit can be summed up piece by piece: cloth over each part of the body, on the way and at the seat, faces
// that hold wind off, heat brought along. It orders what is simulated next and judges nothing.

/** Groups of parts, and how much each part counts in its group. */
const SEAT_GROUPS: readonly Partial<Record<Patch, number>>[] = [
  { toes: 1 },
  { sole: 1 },
  { footUpper: 0.6, ankle: 0.4 },
  { fingers: 1 },
  { hand: 0.7, wrist: 0.3 },
  { face: 1 },
  { ears: 0.4, scalp: 0.6 },
  { neck: 1 },
  { chest: 0.5, back: 0.5 },
  { upperArm: 0.5, forearm: 0.5 },
  { belly: 0.4, lowerBack: 0.3, seat: 0.3 },
  { thigh: 0.7, thighOnSeat: 0.3 },
  { calf: 0.8, knee: 0.2 },
];
const WAY_GROUPS: readonly Partial<Record<Patch, number>>[] = [
  { chest: 0.25, back: 0.25, upperArm: 0.2, forearm: 0.2, belly: 0.1 },
  { thigh: 0.5, calf: 0.5 },
  { fingers: 0.6, hand: 0.4 },
  { toes: 0.6, footUpper: 0.4 },
  { face: 0.4, ears: 0.3, scalp: 0.3 },
];
/** Groups whose outer faces hold wind off, and on which heat is brought. */
const WIND_GROUPS: readonly Patch[] = ["chest", "thigh", "fingers", "scalp", "face"];
const HEAT_GROUPS: readonly Patch[] = ["toes", "fingers", "chest"];

export const BODY = SEAT_GROUPS.length + WAY_GROUPS.length + WIND_GROUPS.length + HEAT_GROUPS.length;
export const FEATURE_COUNT = BODY + 1;
const FIRST_WAY = SEAT_GROUPS.length;
const FIRST_WIND = FIRST_WAY + WAY_GROUPS.length;
const FIRST_HEAT = FIRST_WIND + WIND_GROUPS.length;

/** Air held under any layer, m²·K/W (assumption: a gap of some mm). */
const AIR_UNDER_LAYER_M2K_PER_W = 0.03;
/** Air outside all layers, m²·K/W (assumption). */
const OUTER_AIR_M2K_PER_W = 0.05;
/** A face as tight as a dense weave holds wind off (assumption). */
const WINDPROOF_UP_TO_L_PER_M2S = 8;
/** Watts of a source that count as one (assumption). */
const HEAT_STEP_W = 2;

export type Features = Float64Array;

/** A sum as it is fitted: a resistance by its logarithm, wind held off or not, heat with less and less for more. */
export function shapedAt(index: number, sum: number): number {
  const own = Math.max(0, sum);
  // What moves no sum quite back to nought is rounding.
  if (index >= FIRST_WIND && index < FIRST_HEAT) return own > 0.5 ? 1 : 0;
  if (index >= FIRST_HEAT && index < BODY) return Math.log1p(own / HEAT_STEP_W);
  return Math.log(own + OUTER_AIR_M2K_PER_W);
}

/** All sums as they are fitted. */
export function shaped(sums: Features): Features {
  const own = sums.map((sum, index) => shapedAt(index, sum));
  own[BODY] = bodyWarmth(sums);
  return own;
}

/**
 * How each limit follows the features before anything is learnt: powers, rounded from a fit to 3,400 random outfits of 60
 * seeded kits and days as the simulation judges them (assumptions where those said little). Plain numbers are places in
 * `SEAT_GROUPS`.
 */
const PRIOR: Partial<Record<Limit, Readonly<Record<number, number>>>> = {
  toes: { 0: 0.9, 1: 0.4, 2: 0.3, [FIRST_HEAT]: 0.8, [BODY]: 0.75 },
  fingers: { 3: 0.65, 4: 0.9, [FIRST_HEAT + 1]: 0.3, [BODY]: 0.3 },
  face: { 5: 0.5, 6: 0.4, [BODY]: 1.5 },
  shivering: { [FIRST_WAY]: 0.5, [BODY]: 1.4 },
  meanSkin: { 11: 0.6, [FIRST_WAY]: 0.4, [FIRST_WIND + 1]: 0.8, [BODY]: 2 },
  trunk: { [BODY]: 1.2 },
};

export function priorOf(limit: Limit): Features {
  const prior = new Float64Array(FEATURE_COUNT);
  for (const [feature, power] of Object.entries(PRIOR[limit] ?? { [BODY]: 0.5 })) prior[Number(feature)] = power;
  return prior;
}

/** Limits that clothes push away; too much of them brings the one of heat. */
export const GUESSED: readonly Limit[] = LIMITS.filter((limit) => LIMIT_TABLE[limit].group !== "heat");

const bodyShare = (patch: Patch): number =>
  (PATCH_ANATOMY[patch].share * PATCH_ANATOMY[patch].segment.length) / PATCHES.length;

/** How much of the body each group of the seat is. */
const SHARES_OF_BODY = SEAT_GROUPS.map((group) =>
  Object.keys(group).reduce((sum, patch) => sum + bodyShare(patch as Patch), 0),
);

/** What holds the whole body's heat, as it is fitted: it is lost through all parts side by side, most where least is worn. */
export function bodyWarmth(sums: Features): number {
  let lost = 0;
  for (let group = 0; group < FIRST_WAY; group++)
    lost += SHARES_OF_BODY[group]! / (Math.max(0, sums[group]!) + OUTER_AIR_M2K_PER_W);
  return -Math.log(lost);
}

const wattsOf = ({ heat }: DresserPiece): number =>
  heat ? (heat.kind === "pack" ? 2 * heat.powerW : (heat.levelsW[0] ?? 0)) : 0;

type Added = { readonly seat: Features; readonly way: Features };

function addedBy(piece: DresserPiece): Added {
  const seat = new Float64Array(FEATURE_COUNT);
  const way = new Float64Array(FEATURE_COUNT);
  const add = (to: Features, index: number, value: number): void => void (to[index] = to[index]! + value);
  const watts = wattsOf(piece);
  for (const { patch, layers, insulationM2KPerW, coverShare } of readLabel(piece.label)) {
    const gained = (insulationM2KPerW + AIR_UNDER_LAYER_M2K_PER_W) * coverShare;
    SEAT_GROUPS.forEach((group, index) => add(seat, index, gained * (group[patch] ?? 0)));
    if (KIND_TABLE[piece.kind].liesUnder) continue;
    WAY_GROUPS.forEach((group, index) => add(way, FIRST_WAY + index, gained * (group[patch] ?? 0)));
    const isWindproof = layers.some(
      ({ airPermeabilityLPerM2S }) => airPermeabilityLPerM2S <= WINDPROOF_UP_TO_L_PER_M2S,
    );
    WIND_GROUPS.forEach((own, index) => own === patch && isWindproof && add(seat, FIRST_WIND + index, 1));
    HEAT_GROUPS.forEach((own, index) => own === patch && add(seat, FIRST_HEAT + index, watts));
  }
  return { seat, way };
}

/** What a piece adds, and to which sums alone: most touch few. */
type Sparse = { readonly indices: Uint8Array; readonly values: Float64Array };
const sparse = (features: Features): Sparse => {
  const indices = [...features.keys()].filter((index) => features[index] !== 0);
  return { indices: Uint8Array.from(indices), values: Float64Array.from(indices, (index) => features[index]!) };
};

export class OutfitFeatures {
  private readonly byPiece: readonly Added[];
  /** What each piece adds where it is placed; nothing at home. */
  private readonly byPlacement: readonly (readonly (Sparse | null)[])[];

  constructor(kit: readonly DresserPiece[]) {
    this.byPiece = kit.map(addedBy);
    this.byPlacement = this.byPiece.map(({ seat, way }) => [
      null,
      sparse(seat.map((own, index) => own + way[index]!)),
      sparse(seat),
      sparse(way),
    ]);
  }

  /** What one piece adds over all parts, at the seat. */
  warmthOf(index: number): number {
    return this.byPiece[index]!.seat.slice(0, FIRST_WAY).reduce((sum, own) => sum + own, 0);
  }

  /** Sums of an outfit. */
  of(code: OutfitCode): Features {
    const sums = new Float64Array(FEATURE_COUNT);
    for (let index = 0; index < this.byPiece.length; index++) this.add(sums, index, code[index]!, 1);
    return sums;
  }

  /**
   * Moves a piece from one placement to another in sums made before.
   * @param touched which sums moved at all: 1 where they did
   */
  change(sums: Features, index: number, from: number, to: number, touched: Uint8Array): void {
    this.add(sums, index, from, -1, touched);
    this.add(sums, index, to, 1, touched);
  }

  private add(sums: Features, index: number, placement: number, sign: 1 | -1, touched?: Uint8Array): void {
    const added = this.byPlacement[index]![placement];
    if (!added) return;
    const { indices, values } = added;
    for (let place = 0; place < indices.length; place++) {
      const feature = indices[place]!;
      sums[feature] = sums[feature]! + sign * values[place]!;
      if (touched) touched[feature] = 1;
    }
  }
}
