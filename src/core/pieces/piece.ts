import type { HeatSource } from "../heat";
import type { Label } from "../labels";
import type { LeakPoint } from "../patches";
import type { PieceKind } from "./kind-table";
import type { Closure } from "./piece-scales";

/** Whether a piece is offered for new outings: retired ones are kept in old outings, deleted ones not listed. */
export const PIECE_STATUSES = ["inUse", "retired", "deleted"] as const;
export type PieceStatus = (typeof PIECE_STATUSES)[number];

/** What is known of a piece beyond its label, and is computed with. */
export type ComputedTraits = {
  /** What handwear lets the fingers do, by DEXTERITY. */
  readonly dexterity?: number | undefined;
  /** Where the piece ends and leaks, and what it closes over other pieces' ends. */
  readonly endsAt?: readonly LeakPoint[] | undefined;
  readonly seals?: readonly LeakPoint[] | undefined;
  /** Temperature printed on a boot: shown beside ours, never used. */
  readonly printedTemperatureC?: number | undefined;
  /** What water it keeps out, by WATER_RESISTANCE; by its outer face when not said. */
  readonly waterResistance?: number | undefined;
  /** Of footwear: from the ground to the top of the shaft. */
  readonly shaftHeightCm?: number | undefined;
  /** Minutes to put it on or take it off out there; by its kind when not said. */
  readonly changeMinutes?: number | undefined;
  /** Heat it brings. */
  readonly heat?: HeatSource | undefined;
};
const COMPUTED_TRAITS = [
  "dexterity",
  "endsAt",
  "seals",
  "printedTemperatureC",
  "waterResistance",
  "shaftHeightCm",
  "heat",
  "changeMinutes",
] as const satisfies readonly (keyof ComputedTraits)[];

/** One thing that insulates. */
export type Piece = ComputedTraits & {
  readonly id: string;
  readonly name: string;
  readonly kind: PieceKind;
  readonly label: Label;
  /** Handwear in which the fingers lie together. */
  readonly fingersTogether: boolean;
  readonly massG?: number | undefined;
};

/** What else a kit knows of a piece: how it goes on, how it sounds and feels. */
export type PieceTraits = ComputedTraits & {
  /** Room it takes in a pack, L. */
  readonly volumeL?: number | undefined;
  /** Legwear that opens wide enough to go on over boots. */
  readonly opensOverBoots?: boolean | undefined;
  /** It holds a person at height; a jacket over it needs a slot for its strap. */
  readonly isHarness?: boolean | undefined;
  readonly hasStrapSlot?: boolean | undefined;
  /** By NOISE and STIFFNESS. */
  readonly noise?: number | undefined;
  readonly stiffness?: number | undefined;
  /** Of footwear: by TRACTION and WALKABILITY, and how it is closed. */
  readonly traction?: number | undefined;
  readonly walkability?: number | undefined;
  readonly closure?: Closure | undefined;
  /** By ODOUR, CLOSURE_EASE and, of what is worn on the head, SIDE_VIEW. */
  readonly odour?: number | undefined;
  readonly closureEase?: number | undefined;
  readonly sideView?: number | undefined;
  /** Handwear on a cord or a wrist strap: pulled off, it stays at hand. */
  readonly isTethered?: boolean | undefined;
  readonly isAnimalFree?: boolean | undefined;
  readonly isScentFree?: boolean | undefined;
  readonly itches?: boolean | undefined;
  readonly floats?: boolean | undefined;
};

/** Of all that a kit knows of a piece, what is computed with. */
export const computedTraitsOf = (traits: PieceTraits): ComputedTraits =>
  Object.fromEntries(COMPUTED_TRAITS.map((name) => [name, traits[name]]));
