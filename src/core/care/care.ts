import { readLabel, type Label, type Wear } from "../labels";
import { KIND_TABLE, type PieceKind, type PieceTraits } from "../pieces";

// What keeps a piece what its label says. How often is common practice, no source: counted in wears, because days in a
// cupboard wear nothing out.

export const CARE_TASKS = ["dry", "wash", "reproof", "loft"] as const;
export type CareTask = (typeof CARE_TASKS)[number];

/** When a task was done last: after how many wears, and on what day. */
export type CareDone = Partial<Record<CareTask, { readonly wears: number; readonly on: string } | undefined>>;

/** A task a piece asks for, and how it stands. */
export type CareNeed = {
  readonly task: CareTask;
  readonly everyWears: number;
  readonly sinceWears: number;
  readonly isDue: boolean;
};

type Cared = { readonly kind: PieceKind; readonly label: Label; readonly traits: PieceTraits };

/** Dry, liners and footbeds out, after every wear. */
const DRY_EVERY = 1;
const WASH_NEXT_TO_SKIN_EVERY = 4;
const WASH_LOFTY_EVERY = 30;
const WASH_GARMENT_EVERY = 12;
const REPROOF_EVERY = 15;
/** Taken out of its bag, shaken, and pinched against what it was. */
const LOFT_EVERY = 10;

type MaterialKinds = ReadonlySet<string>;
const materialsOf = (label: Label): MaterialKinds =>
  new Set(
    label.kind === "panels" ? label.panels.flatMap(({ materials }) => materials.map(({ kind }) => kind as string)) : [],
  );

const LOFTY = ["down", "garmentBatting"];
const isLofty = (materials: MaterialKinds): boolean => LOFTY.some((kind) => materials.has(kind));
const PROOFED_FACES = ["membrane", "coated", "denseWeave"];

function washEvery({ kind, label }: Pick<Cared, "kind" | "label">, materials: MaterialKinds): number | null {
  const byKind = KIND_TABLE[kind].washEveryWears;
  if (byKind !== null) return byKind || null;
  if (label.kind === "explicit") return null;
  if (label.face === "knit" && (label.fit === "close" || label.fit === "tight")) return WASH_NEXT_TO_SKIN_EVERY;
  return isLofty(materials) ? WASH_LOFTY_EVERY : WASH_GARMENT_EVERY;
}

/** Whether a piece is washed at all: boots, pads and packs are not. */
export const isEverWashed = (piece: Pick<Cared, "kind" | "label">): boolean =>
  washEvery(piece, materialsOf(piece.label)) !== null;

function everyWears(piece: Cared): Partial<Record<CareTask, number>> {
  const { kind, label } = piece;
  const materials = materialsOf(label);
  const wash = washEvery(piece, materials);
  const isProofed = label.kind === "panels" && PROOFED_FACES.includes(label.face) && KIND_TABLE[kind].isProofed;
  return {
    ...(KIND_TABLE[kind].isDried && { dry: DRY_EVERY }),
    ...(wash !== null && { wash }),
    ...(isProofed && { reproof: REPROOF_EVERY }),
    ...(isLofty(materials) && { loft: LOFT_EVERY }),
  };
}

/**
 * What a piece asks for, in the order of CARE_TASKS.
 * @param wears outings it was worn in so far
 */
export function careOf(piece: Cared, done: CareDone, wears: number): CareNeed[] {
  const every = everyWears(piece);
  return CARE_TASKS.flatMap((task): CareNeed[] => {
    const everyOf = every[task];
    if (everyOf === undefined) return [];
    const sinceWears = Math.max(0, wears - (done[task]?.wears ?? 0));
    return [{ task, everyWears: everyOf, sinceWears, isDue: sinceWears >= everyOf }];
  });
}

export const isCareDue = (piece: Cared, done: CareDone, wears: number): boolean =>
  careOf(piece, done, wears).some(({ isDue }) => isDue);

/** Thickness a piece has where it is thickest, by its label and as if it were new, mm. */
export const newThicknessMm = (label: Label): number =>
  readLabel(label.kind === "panels" ? { ...label, wear: "new" } : label).reduce(
    (most, { layers }) =>
      Math.max(
        most,
        layers.reduce((total, { thicknessMm }) => total + thicknessMm, 0),
      ),
    0,
  );

/** Loft found between two fingers over what it was when new: how the piece has worn. */
export function wearByPinch(newMm: number, pinchedMm: number): Wear {
  const kept = pinchedMm / newMm;
  if (kept >= BETWEEN_NEW_AND_USED) return "new";
  return kept >= BETWEEN_USED_AND_MUCH ? "used" : "muchUsed";
}

/** Halfway between the steps of LOFT_KEPT. */
const BETWEEN_NEW_AND_USED = 0.925;
const BETWEEN_USED_AND_MUCH = 0.775;
