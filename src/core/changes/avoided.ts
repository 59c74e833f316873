import { coveredPatches, readLabel } from "../labels";
import { holdsDown } from "./fits-weather";
import type { PracticeQuestion, Practice } from "./practices";
import { usualWearing } from "../dressing";
import type { Outing } from "../outing";
import type { Piece } from "../pieces";

/** What a person may not want on their skin or in their pack. */
export const AVOIDABLE = ["animals", "down"] as const;
export type Avoided = (typeof AVOIDABLE)[number];

/** What a person holds to, whatever a plan does. */
export type PracticePreferences = {
  readonly avoids: readonly Avoided[];
  readonly practices: Partial<Record<PracticeQuestion, Practice | undefined>>;
  /** They go by the standard's rule: heat debt ends a sit. */
  readonly heatDebtEnds?: boolean | undefined;
};

/** A piece and whether it is known to hold nothing of animals. */
export type AvoidablePiece = Piece & { readonly isAnimalFree: boolean };

/** Whether a piece holds what is avoided; what is not known to be free of animals counts as holding them. */
export const isAvoided = (piece: AvoidablePiece, avoided: readonly Avoided[]): boolean =>
  (avoided.includes("animals") && !piece.isAnimalFree) || (avoided.includes("down") && holdsDown(piece));

/** The greatest resistance a piece gives anywhere, m²·K/W. */
const warmth = ({ label }: Piece): number =>
  readLabel(label).reduce((most, { insulationM2KPerW }) => Math.max(most, insulationM2KPerW), 0);

/** Whether one can be worn instead of another: the same kind and layer, over most of what it covers. */
function standsIn(one: Piece, other: Piece): boolean {
  const covered = coveredPatches(other.label);
  const shared = coveredPatches(one.label).filter((patch) => covered.includes(patch)).length;
  return (
    one.kind === other.kind &&
    usualWearing(one).rank === usualWearing(other).rank &&
    one.fingersTogether === other.fingersTogether &&
    shared * 2 >= covered.length
  );
}

/** A plan without what is avoided: what was swapped for what, or left off where nothing stands in. */
export type WithoutAvoided = {
  readonly outing: Outing;
  readonly swaps: readonly { readonly from: Piece; readonly to: Piece | null }[];
};

/**
 * The same plan with pieces that are not avoided, each the nearest in warmth to the one it stands in for.
 * @param candidates what may be worn instead, own and generic
 */
export function withoutAvoided(
  outing: Outing,
  candidates: readonly AvoidablePiece[],
  avoided: readonly Avoided[],
): WithoutAvoided {
  const known = new Map(candidates.map((piece) => [piece.id, piece]));
  const worn = new Set(outing.wearings.map(({ pieceId }) => pieceId));
  const offered = candidates.filter((piece) => !isAvoided(piece, avoided) && !worn.has(piece.id));
  const taken = new Set<string>();
  const swaps = outing.pieces
    .filter(({ id }) => worn.has(id) && known.has(id) && isAvoided(known.get(id)!, avoided))
    .map((from) => {
      const [to = null] = offered
        .filter((piece) => !taken.has(piece.id) && standsIn(piece, from))
        .sort((one, other) => Math.abs(warmth(one) - warmth(from)) - Math.abs(warmth(other) - warmth(from)));
      if (to) taken.add(to.id);
      return { from, to };
    });
  const instead = new Map(swaps.map(({ from, to }) => [from.id, to]));
  return {
    swaps,
    outing: {
      ...outing,
      pieces: [...outing.pieces.filter(({ id }) => !instead.has(id)), ...swaps.flatMap(({ to }) => to ?? [])],
      wearings: outing.wearings.flatMap((wearing) => {
        if (!instead.has(wearing.pieceId)) return [wearing];
        const to = instead.get(wearing.pieceId);
        return to ? [{ ...wearing, pieceId: to.id, withoutParts: [] }] : [];
      }),
    },
  };
}
