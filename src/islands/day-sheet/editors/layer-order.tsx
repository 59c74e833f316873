import * as m from "@/messages";
import { FieldNote } from "./field-note";
import { laneOf } from "@/core/pieces";
import { neighbours, type Layer } from "@/core/dressing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { moveLayer } from "@/stores/sheet/layers";

type Props = { readonly view: OutingView; readonly id: string };

/** Layers worn in the same lane as a wearing. */
export function layersBeside({ kit, wearings }: OutingView, id: string): readonly Layer[] {
  const lanes = new Map(kit.map((piece) => [piece.id, laneOf(piece)]));
  const lane = lanes.get(wearings.find((wearing) => wearing.id === id)?.pieceId ?? "");
  return wearings.filter(({ pieceId }) => lanes.get(pieceId) === lane);
}

/** What lies under and over a piece, and moving it past either. */
export function LayerOrder({ view, id }: Props) {
  const layers = layersBeside(view, id);
  const { under, over } = neighbours(layers, id);
  const nameOf = (layer: Layer): string => view.kit.find((piece) => piece.id === layer.pieceId)?.name ?? m.anotherPiece;
  const move = (to: "over" | "under"): void => moveLayer(id, to, layers);
  return (
    <div className="w-full text-sm">
      <p className="text-muted">
        {m.amongTheLayersTitle} <FieldNote of="layers" />
      </p>
      <p>
        {m.over3} <strong>{under ? nameOf(under) : m.theSkin}</strong>
        {m.under} <strong>{over ? nameOf(over) : m.nothingItIsTheOutermost}</strong>
      </p>
      <p className="flex flex-wrap gap-2 pt-1">
        {over && (
          <button type="button" className="press press-small" onClick={() => move("over")}>
            {m.wearItOver} {nameOf(over)}
          </button>
        )}
        {under && (
          <button type="button" className="press press-small" onClick={() => move("under")}>
            {m.wearItUnder} {nameOf(under)}
          </button>
        )}
      </p>
    </div>
  );
}
