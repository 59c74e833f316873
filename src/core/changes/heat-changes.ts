import { MINUTES_PER_HOUR } from "../units";
import { capacityShare, pocketC, type HeatSource, type HeatSpan } from "../heat";
import { coveredPatches } from "../labels";
import { isAmong } from "../dressing";
import { sitSpans, type Outing, type Wearing, totalMinutes } from "../outing";
import { KIND_TABLE, type Piece } from "../pieces";
import type { Change } from "./change";
import { liesAlike } from "./fits-weather";

/** Kept in the battery for the way out (assumption). */
const RESERVE_SHARE = 0.2;

/** The still part of an outing: from the first sit's start to the last one's end. */
function stillPart(outing: Outing): { readonly fromMinute: number; readonly toMinute: number } {
  const spans = sitSpans(outing.phases);
  return { fromMinute: spans[0]?.fromMinute ?? 0, toMinute: spans.at(-1)?.toMinute ?? totalMinutes(outing.phases) };
}

/**
 * How a source is run: a pack opened as one leaves, so that it works on arrival; what is electric through the still part,
 * at the highest level that leaves a reserve for the way out.
 */
export function usualHeat(outing: Outing, source: HeatSource): HeatSpan[] {
  if (source.kind === "pack") return [{ fromMinute: 0, toMinute: totalMinutes(outing.phases), level: 1 }];
  const { fromMinute, toMinute } = stillPart(outing);
  const meanC = outing.weather.reduce((sum, hour) => sum + hour.airTemperatureC, 0) / outing.weather.length;
  const givenWh = source.batteryWh * capacityShare(pocketC(meanC)) * (1 - RESERVE_SHARE);
  const hours = (toMinute - fromMinute) / MINUTES_PER_HOUR;
  const lasting = source.levelsW.findLastIndex((levelW) => levelW * hours <= givenWh);
  return [{ fromMinute, toMinute, level: Math.max(0, lasting) + 1 }];
}

/** Innermost order of what already covers the same parts: a pack lies there, under the thick layer. */
function innermostRank(outing: Outing, piece: Piece): number {
  const covered = coveredPatches(piece.label);
  const ranks = outing.wearings.flatMap(({ pieceId, rank }) => {
    const worn = outing.pieces.find(({ id }) => id === pieceId);
    return worn && coveredPatches(worn.label).some((patch) => covered.includes(patch)) ? [rank] : [];
  });
  return ranks.length > 0 ? Math.min(...ranks) : 0;
}

/** A pack or warmer put in. */
export function heatIn(outing: Outing, piece: Piece, source: HeatSource): Change {
  const wearing: Wearing = {
    pieceId: piece.id,
    side: "both",
    rank: innermostRank(outing, piece),
    fromMinute: 0,
    toMinute: totalMinutes(outing.phases),
    heat: usualHeat(outing, source),
  };
  return {
    id: `heat in ${piece.id}`,
    kind: "heatIn",
    pieceIds: [piece.id],
    addedMassG: piece.massG ?? null,
    apply: (plan) => ({ ...plan, pieces: [...plan.pieces, piece], wearings: [...plan.wearings, wearing] }),
  };
}

/** Switches on what is worn and off, through the still part. */
function heatOn(outing: Outing, index: number, source: HeatSource): Change {
  const { pieceId } = outing.wearings[index]!;
  return {
    id: `heat on ${index} ${pieceId}`,
    kind: "heatOn",
    pieceIds: [pieceId],
    addedMassG: 0,
    apply: (plan) => ({
      ...plan,
      wearings: plan.wearings.map((wearing, own) =>
        own === index ? { ...wearing, heat: usualHeat(outing, source) } : wearing,
      ),
    }),
  };
}

/** What is sweated through on the way and can be changed on arrival. */
const isChanged = (piece: Piece): boolean => isAmong(piece, KIND_TABLE[piece.kind].changedOnArrival);

function onArrival(outing: Outing, worn: Piece, fresh: Piece): Change {
  const { fromMinute: arrival } = stillPart(outing);
  return {
    id: `on arrival ${fresh.id} for ${worn.id}`,
    kind: "changeOnArrival",
    pieceIds: [fresh.id, worn.id],
    addedMassG: fresh.massG ?? null,
    apply: (plan) => ({
      ...plan,
      pieces: [...plan.pieces, fresh],
      wearings: plan.wearings.flatMap((wearing): Wearing[] =>
        wearing.pieceId === worn.id && wearing.fromMinute < arrival && wearing.toMinute > arrival
          ? [
              { ...wearing, toMinute: arrival },
              { ...wearing, pieceId: fresh.id, fromMinute: arrival, withoutParts: undefined },
            ]
          : [wearing],
      ),
    }),
  };
}

const coversAlike = (one: Piece, other: Piece): boolean => {
  const covered = coveredPatches(other.label);
  return coveredPatches(one.label).filter((patch) => covered.includes(patch)).length * 2 >= covered.length;
};

/** Packs and warmers put in, heated pieces switched on, and dry things put on at arrival. */
export function heatAndDryChanges(outing: Outing, kit: readonly Piece[]): Change[] {
  const wornIds = new Set(outing.wearings.map(({ pieceId }) => pieceId));
  const worn = new Map(outing.pieces.map((piece) => [piece.id, piece]));
  const spare = kit.filter(({ id }) => !wornIds.has(id));
  const walksIn = outing.phases[0]?.kind === "walkIn";
  return [
    ...spare.flatMap((piece) => (piece.heat && piece.kind === "heatSource" ? [heatIn(outing, piece, piece.heat)] : [])),
    ...outing.wearings.flatMap(({ pieceId, heat }, index) => {
      const source = worn.get(pieceId)?.heat;
      return source?.kind === "electric" && (heat ?? []).length === 0 ? [heatOn(outing, index, source)] : [];
    }),
    ...(walksIn
      ? spare.flatMap((fresh) =>
          outing.pieces
            .filter(
              (old) =>
                wornIds.has(old.id) &&
                old.kind === fresh.kind &&
                isChanged(old) &&
                liesAlike(fresh, old) &&
                coversAlike(fresh, old),
            )
            .map((old) => onArrival(outing, old, fresh)),
        )
      : []),
  ];
}
