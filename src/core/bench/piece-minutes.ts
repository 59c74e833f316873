import { coveredPatches } from "../labels";
import { isOfGroup, LIMITS, limitsOf, type Crossing, type Limit, minutesStillOf } from "../limits";
import { simulateOuting } from "../simulation";
import { usualWearing } from "../dressing";
import type { Outing } from "../outing";
import { laneOf, type Piece } from "../pieces";
import { benchOuting, type BenchSetting } from "./bench-setting";

/** How long a sit lasts, and what ends it; both `null` where it is longer than is simulated. */
export type SatMinutes = {
  readonly minutes: number | null;
  readonly endedBy: Pick<Crossing, "limit" | "place"> | null;
};

/** Minutes still with a piece. */
export type PieceMinutes = {
  /** With nothing else on. */
  readonly alone: SatMinutes;
  /** In what else is worn, in the place of its like. */
  readonly inOutfit: SatMinutes;
  /** The same until what the piece keeps warm ends it, all else left aside: there pieces differ where others decide the sit. */
  readonly ofItsPart: SatMinutes;
};

/** The face is left aside: bare it ends every sit in frost at once, whatever is compared. */
const JUDGED_BY = LIMITS.filter((limit) => !isOfGroup(limit, "face"));

const TRIED = "tried";

/** What a piece keeps warm: fingers, toes, else the body, by how it is felt and by the heat it loses. */
function limitsOfPart({ label, kind }: Piece): readonly Limit[] {
  if (kind === "handwear") return ["fingers"];
  return laneOf({ kind, label }) === "Feet" ? ["toes"] : limitsOf("body", "standard");
}

function minutesOf(outing: Outing, only: readonly Limit[] = JUDGED_BY): SatMinutes {
  const { verdict } = simulateOuting(outing, { only }).sits[0]!;
  if (verdict.kind === "longerThan") return { minutes: null, endedBy: null };
  const { limit, place } = verdict.crossing;
  return { minutes: minutesStillOf(verdict), endedBy: { limit, place } };
}

/** Whether two pieces lie in the same layer over some same part: one is worn instead of the other. */
function isLike(one: Piece, other: Piece): boolean {
  const covered = new Set(coveredPatches(one.label));
  return (
    one.kind === other.kind &&
    usualWearing(one).rank === usualWearing(other).rank &&
    coveredPatches(other.label).some((patch) => covered.has(patch))
  );
}

/** What is worn with a piece in the place of its like. */
export function dressWith({ pieces, wearings }: BenchSetting["dress"], piece: Piece): BenchSetting["dress"] {
  const gives = new Set(pieces.filter((own) => own.id === piece.id || isLike(own, piece)).map(({ id }) => id));
  const worn = { pieceId: TRIED, side: "both", rank: usualWearing(piece).rank, fromMinute: 0, toMinute: 1 } as const;
  return {
    pieces: [...pieces, { ...piece, id: TRIED }],
    wearings: [...wearings.filter(({ pieceId }) => !gives.has(pieceId)), worn],
  };
}

/**
 * How long a person sits with a piece alone, and with it in an outfit.
 * @throws {CoreError} `out-of-range` when setting or labels leave their ranges
 * @source docs/method.md; the whole model, nothing beside it
 */
export function pieceMinutes(setting: BenchSetting, piece: Piece): PieceMinutes {
  const nothing = { pieces: [], wearings: [] };
  const outingIn = (dress: BenchSetting["dress"]): Outing => benchOuting({ ...setting, dress }, []);
  const inOutfit = outingIn(dressWith(setting.dress, piece));
  return {
    alone: minutesOf(outingIn(dressWith(nothing, piece))),
    inOutfit: minutesOf(inOutfit),
    ofItsPart: minutesOf(inOutfit, limitsOfPart(piece)),
  };
}
