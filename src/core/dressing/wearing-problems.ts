import { coveredPatches, readLabel } from "../labels";
import type { Patch } from "../patches";
import type { Wearing } from "../outing";
import type { Piece, PieceTraits } from "../pieces";

/** What cannot be, or should not. */
export type WearingProblemKind =
  "legsOverBoots" | "twoBoots" | "bootTooFull" | "manySocks" | "mittInGlove" | "strapThroughCollar";

/** A wearing that cannot be as it stands. */
export type WearingProblem = {
  readonly kind: WearingProblemKind;
  /** Place among the wearings. */
  readonly index: number;
  /** The other piece it has to do with. */
  readonly otherPieceId: string;
};

export type KnownPiece = Piece & { readonly traits: PieceTraits };
type Worn = { readonly index: number; readonly wearing: Wearing; readonly piece: KnownPiece };

/** More socks than these in one boot are looked at twice, where the boot's room is not known (common practice, no source). */
const MOST_SOCKS = 2;

const overlap = (one: Wearing, other: Wearing): boolean =>
  one.fromMinute < other.toMinute &&
  other.fromMinute < one.toMinute &&
  (one.side === "both" || other.side === "both" || one.side === other.side);
const isOnAt = ({ fromMinute, toMinute }: Wearing, minute: number): boolean => fromMinute < minute && minute < toMinute;
const covers = ({ label }: Piece, patch: Patch): boolean => coveredPatches(label).includes(patch);

/** Minutes out there at which a piece goes on or off; what is worn from the start or to the end was dressed indoors. */
const changesOf = ({ fromMinute, toMinute }: Wearing, totalMinutes: number): number[] =>
  [fromMinute, toMinute].filter((minute) => minute > 0 && minute < totalMinutes);

const thicknessOver = ({ label }: Piece, patch: Patch): number =>
  readLabel(label)
    .filter((reading) => reading.patch === patch)
    .reduce((sum, { layers }) => sum + layers.reduce((own, { thicknessMm }) => own + thicknessMm, 0), 0);

/** Room of a boot at the toes, mm; `null` where the label does not say. */
const roomOf = ({ label }: Piece): number | null => (label.kind === "panels" ? (label.easeMm ?? null) : null);

type Rule = (own: Worn, others: readonly Worn[], totalMinutes: number) => readonly [WearingProblemKind, Worn] | null;

const found = (kind: WearingProblemKind, other: Worn | undefined): readonly [WearingProblemKind, Worn] | null =>
  other ? [kind, other] : null;

/** Trousers that do not open go on before the boots, or in socks in the snow. */
const legsOverBoots: Rule = ({ wearing, piece }, others, totalMinutes) => {
  if (piece.kind !== "garment" || !covers(piece, "calf") || piece.traits.opensOverBoots !== false) return null;
  const changes = changesOf(wearing, totalMinutes);
  const boot = others.find(
    (other) => other.piece.kind === "footwear" && changes.some((minute) => isOnAt(other.wearing, minute)),
  );
  return found("legsOverBoots", boot);
};

const twoBoots: Rule = ({ index: index, wearing, piece }, others) =>
  piece.kind === "footwear"
    ? found(
        "twoBoots",
        others.find(
          (other) => other.index < index && other.piece.kind === "footwear" && overlap(other.wearing, wearing),
        ),
      )
    : null;

/** What is in a boot against its room; where that is not known, against what is usual. */
const bootTooFull: Rule = ({ wearing, piece }, others) => {
  if (piece.kind !== "footwear") return null;
  const inside = others.filter(
    (other) => ["sock", "liner"].includes(other.piece.kind) && overlap(other.wearing, wearing),
  );
  const room = roomOf(piece);
  const outermost = [...inside].sort((one, other) => other.wearing.rank - one.wearing.rank)[0];
  if (room === null) {
    const socks = inside.filter((other) => other.piece.kind === "sock" && covers(other.piece, "toes"));
    return socks.length > MOST_SOCKS ? found("manySocks", outermost) : null;
  }
  const filledMm = inside.reduce((sum, other) => sum + thicknessOver(other.piece, "toes"), 0);
  return filledMm > room ? found("bootTooFull", outermost) : null;
};

/** Fingers that lie together cannot go into fingers of their own. */
const mittInGlove: Rule = ({ wearing, piece }, others) =>
  piece.kind === "handwear" && piece.fingersTogether
    ? found(
        "mittInGlove",
        others.find(
          (other) =>
            other.piece.kind === "handwear" &&
            !other.piece.fingersTogether &&
            other.wearing.rank > wearing.rank &&
            overlap(other.wearing, wearing),
        ),
      )
    : null;

const strapThroughCollar: Rule = ({ wearing, piece }, others) =>
  piece.kind === "garment" && covers(piece, "back") && piece.traits.hasStrapSlot !== true
    ? found(
        "strapThroughCollar",
        others.find(
          (other) =>
            other.piece.traits.isHarness === true &&
            other.wearing.rank < wearing.rank &&
            overlap(other.wearing, wearing),
        ),
      )
    : null;

const RULES: readonly Rule[] = [legsOverBoots, twoBoots, bootTooFull, mittInGlove, strapThroughCollar];

/** Finds what cannot be worn as planned. Pieces that are not known are passed over: the simulation refuses them. */
export function wearingProblems(
  pieces: readonly KnownPiece[],
  wearings: readonly Wearing[],
  totalMinutes: number,
): WearingProblem[] {
  const known = new Map(pieces.map((piece) => [piece.id, piece]));
  const worn = wearings.flatMap((wearing, index): Worn[] => {
    const piece = known.get(wearing.pieceId);
    return piece ? [{ index: index, wearing, piece }] : [];
  });
  return worn.flatMap((own) => {
    const others = worn.filter((other) => other.index !== own.index && other.piece.id !== own.piece.id);
    return RULES.flatMap((rule) => {
      const problem = rule(own, others, totalMinutes);
      return problem ? [{ kind: problem[0], index: own.index, otherPieceId: problem[1].piece.id }] : [];
    });
  });
}
