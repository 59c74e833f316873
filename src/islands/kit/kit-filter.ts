import * as m from "@/messages";
import { folded } from "@/formats/any-table/words";
import { laneOf, type LaneName } from "@/core/pieces";
import { isCareDue } from "@/core/care";
import { FACE_PERMEABILITY_L_PER_M2S, waterResistanceOfFace } from "@/core/labels";
import type { PieceKind } from "@/core/pieces";
import type { KitPiece } from "@/formats/wire/kit/kit-view";

/** What of a kit is asked for. */
export type KitFilter = {
  readonly text: string;
  readonly lane: LaneName | null;
  readonly kind: PieceKind | null;
  readonly traits: readonly KitTrait[];
  readonly withRetired: boolean;
  readonly withDeleted: boolean;
};

export const NO_FILTER: KitFilter = {
  text: "",
  lane: null,
  kind: null,
  traits: [],
  withRetired: false,
  withDeleted: false,
};

/** Windproof is a face that lets through no more than a dense weave (assumption). */
const WINDPROOF_L_PER_M2S = FACE_PERMEABILITY_L_PER_M2S.denseWeave;
const QUIET_AT_MOST = 1;
const WATERPROOF_FROM = 3;
const NIMBLE_FROM = 3;
const AIRS_OUT_AT_MOST = 1;
const IN_MITTS_AT_MOST = 1;
const BARE_FINGERS = 3;
const SOFT_AT_MOST = 1;

const isWindproof = ({ label }: KitPiece): boolean =>
  label.kind === "panels"
    ? FACE_PERMEABILITY_L_PER_M2S[label.face] <= WINDPROOF_L_PER_M2S
    : label.panels.some(({ layers }) =>
        layers.some(({ airPermeabilityLPerM2S }) => airPermeabilityLPerM2S <= WINDPROOF_L_PER_M2S),
      );

/** As it is said, else as its outer face lets expect; fleece and knit need not be asked. */
const isWaterproof = ({ label, traits }: KitPiece): boolean => {
  const byFace = label.kind === "panels" ? waterResistanceOfFace(FACE_PERMEABILITY_L_PER_M2S[label.face]) : 0;
  return (traits.waterResistance ?? byFace) >= WATERPROOF_FROM;
};

/** What pieces are looked for by. */
export const KIT_TRAITS = {
  windproof: { words: m.windproof, has: isWindproof },
  waterproof: { words: m.waterproof, has: isWaterproof },
  quiet: { words: m.quiet, has: ({ traits }) => traits.noise !== undefined && traits.noise <= QUIET_AT_MOST },
  animalFree: { words: m.animalFree2, has: ({ traits }) => traits.isAnimalFree === true },
  airsOut: {
    words: m.smellsAirOut,
    has: ({ traits }) => traits.odour !== undefined && traits.odour <= AIRS_OUT_AT_MOST,
  },
  inMitts: { words: m.closedInMitts, has: ({ traits }) => (traits.closureEase ?? BARE_FINGERS) <= IN_MITTS_AT_MOST },
  soft: {
    words: m.softInFrost,
    has: ({ traits }) => traits.stiffness !== undefined && traits.stiffness <= SOFT_AT_MOST,
  },
  scentFree: { words: m.keptFreeOfScent, has: ({ traits }) => traits.isScentFree === true },
  nimble: { words: m.nimbleFingers, has: ({ traits }) => (traits.dexterity ?? -1) >= NIMBLE_FROM },
  overBoots: { words: m.opensOverBoots, has: ({ traits }) => traits.opensOverBoots === true },
  due: { words: m.dueForCare, has: (piece) => isCareDue(piece, piece.care, piece.wears) },
  floats: { words: m.floats, has: ({ traits }) => traits.floats === true },
} as const satisfies Record<string, { readonly words: string; readonly has: (piece: KitPiece) => boolean }>;
export type KitTrait = keyof typeof KIT_TRAITS;

/** Whether a piece is asked for; text is looked for in name and note, in any script, accents and capitals aside. */
export function isAskedFor(piece: KitPiece, filter: KitFilter): boolean {
  const { text, lane, kind, traits, withRetired, withDeleted } = filter;
  if (piece.status === "retired" && !withRetired) return false;
  if (piece.status === "deleted" && !withDeleted) return false;
  if (kind !== null && piece.kind !== kind) return false;
  if (lane !== null && laneOf(piece) !== lane) return false;
  if (!traits.every((trait) => KIT_TRAITS[trait].has(piece))) return false;
  const sought = folded(text);
  return sought === "" || folded(`${piece.name} ${piece.note}`).includes(sought);
}

export const keysOfTraits = Object.keys(KIT_TRAITS) as KitTrait[];
