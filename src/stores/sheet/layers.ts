import * as m from "@/messages";
import { movedLayer, type Layer } from "@/core/dressing";
import { OUTING_RANGE } from "@/core/outing";
import { edit } from "./editing";

/** Wears a piece over the next layer, or under the one before. @param layers those it lies among */
export function moveLayer(id: string, to: "over" | "under", layers: readonly Layer[]): void {
  const ranks = movedLayer(layers, id, to, OUTING_RANGE.rank[1]);
  if (ranks.size === 0) return;
  edit(m.orderOfLayers, (view) => ({
    ...view,
    wearings: view.wearings.map((wearing) => ({ ...wearing, rank: ranks.get(wearing.id) ?? wearing.rank })),
  }));
}
