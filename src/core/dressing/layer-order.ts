import type { Wearing } from "../outing";
import { outwards } from "./outwards";

/** Of a wearing, what its place among layers follows from. */
export type Layer = Pick<Wearing, "rank" | "fromMinute" | "toMinute" | "pieceId" | "side"> & { readonly id: string };

const isAlongside = (one: Layer, other: Layer): boolean =>
  one.fromMinute < other.toMinute &&
  other.fromMinute < one.toMinute &&
  (one.side === "both" || other.side === "both" || one.side === other.side);

/** What lies directly under and over a layer while it is worn; `null` where nothing does. */
export function neighbours<Of extends Layer>(layers: readonly Of[], id: string): { under: Of | null; over: Of | null } {
  const own = layers.find((layer) => layer.id === id);
  if (!own) return { under: null, over: null };
  const order = layers.filter((layer) => layer === own || isAlongside(layer, own)).sort(outwards);
  const turn = order.indexOf(own);
  return { under: order[turn - 1] ?? null, over: order[turn + 1] ?? null };
}

/**
 * Ranks after a layer was moved over the next one, or under the one before: those that change. From then on each has a
 * rank of its own: of one rank what goes on later would lie outside, whatever was wanted.
 * @param most the greatest rank there is
 */
export function movedLayer(
  layers: readonly Layer[],
  id: string,
  to: "over" | "under",
  most: number,
): ReadonlyMap<string, number> {
  const next = neighbours(layers, id)[to];
  const own = layers.find((layer) => layer.id === id);
  const ranks = new Map<string, number>();
  if (!own || !next) return ranks;
  const order = [...layers].sort(outwards).filter((layer) => layer !== own);
  order.splice(order.indexOf(next) + (to === "over" ? 1 : 0), 0, own);
  let last = -1;
  for (const layer of order) {
    const wanted = layer !== own ? layer.rank : to === "over" ? own.rank : Math.min(own.rank, next.rank);
    last = Math.min(most, Math.max(wanted, last + 1));
    if (last !== layer.rank) ranks.set(layer.id, last);
  }
  return ranks;
}
