import { coveredPatches, FACE_PERMEABILITY_L_PER_M2S, readLabel } from "../labels";
import type { Patch } from "../patches";
import { sitSpans, type Outing, type Wearing, totalMinutes } from "../outing";
import { KIND_TABLE, type Piece } from "../pieces";
import type { Change } from "./change";
import { genericPads } from "./sitting-changes";
import { liesAlike, mayLieOutermost, standsInOn } from "./fits-weather";
import { GENERIC_PIECES } from "./generic-pieces";

export const EARLIER_MINUTES = 10;
const MOSTLY = 0.5;
/** Ranks by kind for a piece that is put on over what is worn: outermost of its kind. */
const ABOVE = 1;

const withWearings = (outing: Outing, wearings: readonly Wearing[], pieces = outing.pieces): Outing => ({
  ...outing,
  pieces,
  wearings,
});

/** Outer pieces hold wind off, inner ones do not: neither takes the other's place (assumption: as a woven face does). */
const OUTER_FROM_L_PER_M2S = FACE_PERMEABILITY_L_PER_M2S.woven;
const isOuter = ({ label }: Piece): boolean =>
  readLabel(label).some(({ layers }) =>
    layers.some(({ airPermeabilityLPerM2S }) => airPermeabilityLPerM2S <= OUTER_FROM_L_PER_M2S),
  );

/** Share of one piece's patches that the other covers too. */
const sharedShare = (one: readonly Patch[], other: readonly Patch[]): number =>
  one.filter((patch) => other.includes(patch)).length / one.length;

/** Whether two pieces take the same place: one kind, both outer or both inner, and most of what each covers in common. */
export function takesPlaceOf(fresh: Piece, worn: Piece): boolean {
  if (fresh.kind !== worn.kind || isOuter(fresh) !== isOuter(worn)) return false;
  const [covered, old] = [coveredPatches(fresh.label), coveredPatches(worn.label)];
  return Math.min(sharedShare(covered, old), sharedShare(old, covered)) >= MOSTLY;
}

/** Whether a piece one has does what a generic one would: covers the same part, fingers together where that matters. */
const isOfItsPlace = (own: Piece, generic: Piece): boolean =>
  (own.kind === generic.kind || own.kind === "headwear") &&
  own.fingersTogether === generic.fingersTogether &&
  coveredPatches(generic.label).every((patch) => coveredPatches(own.label).includes(patch));

const isInsulated = ({ label }: Piece): boolean => label.kind === "panels" && label.assembly !== "none";

/** Whether a piece would be a second thick outer one over the same parts: a suit over a parka is worn instead, not as well. */
export function isSecondOuter(piece: Piece, worn: Piece): boolean {
  if (piece.kind !== "garment" || worn.kind !== "garment" || !isInsulated(piece) || !isInsulated(worn)) return false;
  if (!isOuter(piece) || !isOuter(worn) || !liesAlike(piece, worn)) return false;
  return sharedShare(coveredPatches(worn.label), coveredPatches(piece.label)) >= MOSTLY;
}

/** Wears a piece that nobody wears, over others of its place, from the start of the sit. */
function wearPiece(outing: Outing, piece: Piece, sitFrom: number): Change {
  const alike = outing.wearings.filter(({ pieceId }) =>
    outing.pieces.some((worn) => worn.id === pieceId && takesPlaceOf(piece, worn)),
  );
  const ofKind = outing.wearings.filter(({ pieceId }) =>
    outing.pieces.some((worn) => worn.id === pieceId && worn.kind === piece.kind),
  );
  const rank = Math.max(0, ...(alike.length > 0 ? alike : ofKind).map((wearing) => wearing.rank)) + ABOVE;
  const wearing: Wearing = {
    pieceId: piece.id,
    side: "both",
    rank,
    fromMinute: sitFrom,
    toMinute: totalMinutes(outing.phases),
  };
  return {
    id: `wear ${piece.id}`,
    kind: "wearPiece",
    pieceIds: [piece.id],
    addedMassG: piece.massG ?? null,
    apply: (plan) => withWearings(plan, [...plan.wearings, wearing], [...plan.pieces, piece]),
  };
}

/** A plan with each generic piece, or pad, that it has nothing of. */
export const genericAdditions = (outing: Outing): { readonly piece: Piece; readonly plan: Outing }[] => {
  const sitFrom = sitSpans(outing.phases)[0]?.fromMinute ?? 0;
  return [...GENERIC_PIECES, ...genericPads(outing)]
    .filter((piece) => !outing.pieces.some((own) => isOfItsPlace(own, piece)))
    .map((piece) => ({ piece, plan: wearPiece(outing, piece, sitFrom).apply(outing) }));
};

/** Wears a piece in the place of another of its kind, whenever that was worn. */
function swapPiece(worn: Piece, fresh: Piece): Change {
  const known = worn.massG !== undefined && fresh.massG !== undefined;
  return {
    id: `swap ${worn.id} for ${fresh.id}`,
    kind: "swapPiece",
    pieceIds: [fresh.id, worn.id],
    addedMassG: known ? fresh.massG! - worn.massG! : null,
    apply: (plan) =>
      withWearings(
        plan,
        plan.wearings.map((wearing) =>
          wearing.pieceId === worn.id ? { ...wearing, pieceId: fresh.id, withoutParts: undefined } : wearing,
        ),
        [...plan.pieces, fresh],
      ),
  };
}

/** Puts on what is put on out there ten minutes earlier. */
function earlier(outing: Outing, index: number): Change {
  const { pieceId, fromMinute } = outing.wearings[index]!;
  return {
    id: `earlier ${index} ${pieceId}`,
    kind: "putOnEarlier",
    pieceIds: [pieceId],
    addedMassG: 0,
    apply: (plan) =>
      withWearings(
        plan,
        plan.wearings.map((wearing, own) =>
          own === index ? { ...wearing, fromMinute: Math.max(0, fromMinute - EARLIER_MINUTES) } : wearing,
        ),
      ),
  };
}

/** What the kit offers beyond the plan, and what of the plan could be worn otherwise. */
export function clothingChanges(outing: Outing, kit: readonly Piece[]): Change[] {
  const wornIds = new Set(outing.wearings.map(({ pieceId }) => pieceId));
  const worn = outing.pieces.filter(({ id }) => wornIds.has(id));
  const spare = kit.filter(({ id }) => !wornIds.has(id));
  const sitFrom = sitSpans(outing.phases)[0]?.fromMinute ?? 0;
  return [
    ...spare
      .filter(({ kind }) => KIND_TABLE[kind].addsToItsKind)
      .filter((piece) => mayLieOutermost(outing, piece) && !worn.some((old) => isSecondOuter(piece, old)))
      .map((piece) => wearPiece(outing, piece, sitFrom)),
    ...GENERIC_PIECES.filter((piece) => ![...worn, ...spare].some((own) => isOfItsPlace(own, piece))).map(
      (piece): Change => ({ ...wearPiece(outing, piece, sitFrom), id: piece.id, kind: "genericPiece" }),
    ),
    ...spare.flatMap((fresh) =>
      worn
        .filter((old) => takesPlaceOf(fresh, old) && liesAlike(fresh, old) && standsInOn(outing, fresh, old))
        .map((old) => swapPiece(old, fresh)),
    ),
    ...outing.wearings.flatMap(({ fromMinute }, index) => (fromMinute > 0 ? [earlier(outing, index)] : [])),
    ...outing.wearings.flatMap(({ withoutParts, pieceId }, index): Change[] =>
      withoutParts && withoutParts.length > 0
        ? [
            {
              id: `parts ${index} ${pieceId}`,
              kind: "partBackOn",
              pieceIds: [pieceId],
              addedMassG: 0,
              apply: (plan) =>
                withWearings(
                  plan,
                  plan.wearings.map((wearing, own) => (own === index ? { ...wearing, withoutParts: [] } : wearing)),
                ),
            },
          ]
        : [],
    ),
  ];
}
