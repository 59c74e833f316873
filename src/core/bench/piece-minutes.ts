import { coveredPatches } from "../labels";
import { isOfGroup, LIMITS, type Crossing, minutesStillOf } from "../limits";
import { simulateOuting } from "../simulation";
import { usualWearing } from "../dressing";
import type { Outing } from "../outing";
import type { Piece } from "../pieces";
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
};

/** The face is left aside: bare it ends every sit in frost at once, whatever is compared. */
const JUDGED_BY = LIMITS.filter((limit) => !isOfGroup(limit, "face"));

const TRIED = "tried";

function minutesOf(outing: Outing): SatMinutes {
  const { verdict } = simulateOuting(outing, { only: JUDGED_BY }).sits[0]!;
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
  const sit = (dress: BenchSetting["dress"]): SatMinutes => minutesOf(benchOuting({ ...setting, dress }, []));
  return { alone: sit(dressWith(nothing, piece)), inOutfit: sit(dressWith(setting.dress, piece)) };
}
