import { MINUTES_PER_HOUR } from "../units";
import { EFFORT_CLASS } from "../effort";
import { LEVELS, LIMIT_TABLE, TRUNK_FLOOR } from "../limits";
import { type Outing, type Phase, type Wearing, minutesBefore, totalMinutes } from "../outing";
import { KIND_TABLE, type Piece } from "../pieces";
import { simulateOuting, type OutingResult } from "../simulation";
import { sitSpans } from "../outing";
import { isAmong, usualWearing } from "../dressing";

// Emergencies: the day got longer, somebody fell in. Asked of a plan, never part of it.

/** Long enough to see whether help or the vehicle comes first, min (assumption). */
const WATCHED_AFTER_FALL = 240;
/** Who fell in walks as fast as wet clothes allow: a brisk walk (assumption). */
const WALK_OUT: Pick<Phase, "posture" | "activityRatio" | "walkSpeedMPerS"> = {
  posture: "standing",
  activityRatio: 3.5,
  walkSpeedMPerS: 1,
};
const HARD = LEVELS.at(-1)!;

/** What goes wrong. */
export type Lever =
  | { readonly kind: "lastsLonger"; readonly hours: number }
  | { readonly kind: "getsColder"; readonly byK: number }
  | { readonly kind: "windier"; readonly factor: number };

const lastSitOf = (phases: readonly Phase[]): number => sitSpans(phases).at(-1)?.lastPhase ?? phases.length - 1;

/** Minute at which a phase ends. */
const endOf = (phases: readonly Phase[], index: number): number => minutesBefore(phases, index + 1);

function longer(outing: Outing, hours: number): Outing {
  const index = lastSitOf(outing.phases);
  const [end, more] = [endOf(outing.phases, index), Math.round(hours * MINUTES_PER_HOUR)];
  const later = (minute: number): number => (minute >= end ? minute + more : minute);
  return {
    ...outing,
    phases: outing.phases.map((phase, at) => (at === index ? { ...phase, minutes: phase.minutes + more } : phase)),
    wearings: outing.wearings.map((wearing) => ({
      ...wearing,
      fromMinute: later(wearing.fromMinute),
      toMinute: later(wearing.toMinute),
    })),
  };
}

/** The plan as it would be if that went wrong. */
export function withLever(outing: Outing, lever: Lever): Outing {
  switch (lever.kind) {
    case "lastsLonger":
      return longer(outing, lever.hours);
    case "getsColder":
      return {
        ...outing,
        weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC - lever.byK })),
      };
    case "windier":
      return {
        ...outing,
        weather: outing.weather.map((hour) => ({ ...hour, windMPerS: hour.windMPerS * lever.factor })),
      };
  }
}

/** What becomes of somebody who fell in. */
export type AfterFall = {
  /** Minutes from the fall until fingers are numb (hard limit), and until the trunk is at its hard limit; `null` later. */
  readonly fingersNumbAfter: number | null;
  readonly trunkHardAfter: number | null;
  /** On reaching shelter, if there is any on foot. */
  readonly onArrival: { readonly minutes: number; readonly trunkC: number; readonly fingersC: number } | null;
  readonly result: OutingResult;
};

/** The outing cut at the fall: out of the water, then on foot to shelter, or sitting where one is. */
function afterFall(outing: Outing, minute: number, walkMinutes: number | null): Outing {
  let start = 0;
  const before = outing.phases.flatMap((phase): Phase[] => {
    const minutes = Math.min(phase.minutes, minute - start);
    start += phase.minutes;
    return minutes > 0 ? [{ ...phase, minutes }] : [];
  });
  const still = {
    posture: "sitting",
    activityRatio: EFFORT_CLASS.sittingStill.activityRatio,
    walkSpeedMPerS: 0,
  } as const;
  const rest: Phase[] =
    walkMinutes === null
      ? [{ ...still, kind: "sit", minutes: WATCHED_AFTER_FALL }]
      : [
          { ...WALK_OUT, kind: "walkOut", minutes: Math.max(1, walkMinutes) },
          { ...still, kind: "sit", minutes: 1 },
        ];
  const phases = [...before, ...rest];
  const end = totalMinutes(phases);
  const wearings = outing.wearings
    .filter(({ fromMinute }) => fromMinute <= minute)
    .map((wearing) => (wearing.toMinute > minute ? { ...wearing, toMinute: end } : wearing));
  return { ...outing, phases, wearings, fallsInAtMinute: minute };
}

/** Wet things next to the skin and on the feet come off, dry ones go on under what is wrung out. */
function inDrySet(outing: Outing, minute: number, drySet: readonly Piece[]): Outing {
  const end = totalMinutes(outing.phases);
  const pieces = new Map(outing.pieces.map((piece) => [piece.id, piece]));
  const isSwapped = ({ pieceId }: Wearing): boolean => {
    const piece = pieces.get(pieceId)!;
    return isAmong(piece, KIND_TABLE[piece.kind].inDrySet);
  };
  const changedAt = minute + 1;
  const dry = drySet.filter(({ id }) => !pieces.has(id));
  return {
    ...outing,
    pieces: [...outing.pieces, ...dry],
    wearings: [
      ...outing.wearings.map((wearing) =>
        isSwapped(wearing) && wearing.toMinute > changedAt ? { ...wearing, toMinute: changedAt } : wearing,
      ),
      ...dry.map((piece): Wearing => ({
        pieceId: piece.id,
        side: "both",
        rank: usualWearing(piece).rank,
        fromMinute: changedAt,
        toMinute: end,
      })),
    ].filter(({ fromMinute, toMinute }) => toMinute > fromMinute),
  };
}

const firstBelow = (curve: Float64Array, limitC: number, from: number): number | null => {
  for (let minute = from; minute < curve.length; minute++) if (curve[minute]! < limitC) return minute - from;
  return null;
};

/**
 * What becomes of a person who falls into the water at a minute and climbs out.
 * @param walkMinutes on foot to a vehicle or hut; `null` where there is none
 * @param drySet dry pieces carried in a waterproof pouch, for skin and feet; none: wet clothes are kept on
 * @throws {CoreError} as `simulateOuting` does
 * @source whole model; time in the water, wetness and pace are assumptions (docs/method.md, "Emergencies")
 */
export function fallIn(
  outing: Outing,
  minute: number,
  walkMinutes: number | null,
  drySet: readonly Piece[] = [],
): AfterFall {
  const cut = afterFall(outing, minute, walkMinutes);
  const after = drySet.length > 0 ? inDrySet(cut, minute, drySet) : cut;
  const result = simulateOuting(after);
  const { series } = result;
  const fingers = series.digitC.leftFingers.map((left, at) => Math.min(left, series.digitC.rightFingers[at]!));
  const arrival = walkMinutes === null ? null : minute + Math.max(1, walkMinutes);
  return {
    fingersNumbAfter: firstBelow(fingers, LIMIT_TABLE.fingers.value[HARD], minute),
    trunkHardAfter: firstBelow(series.trunkC, TRUNK_FLOOR.value[HARD], minute),
    onArrival:
      arrival === null
        ? null
        : { minutes: arrival - minute, trunkC: series.trunkC[arrival]!, fingersC: fingers[arrival]! },
    result,
  };
}

/** Pieces of a kit that make a dry set: next to the skin and socks, not worn on this outing. */
export const drySetOf = (outing: Pick<Outing, "wearings">, kit: readonly Piece[]): Piece[] => {
  const worn = new Set(outing.wearings.map(({ pieceId }) => pieceId));
  return kit.filter((piece) => !worn.has(piece.id) && isAmong(piece, KIND_TABLE[piece.kind].inDrySet));
};
