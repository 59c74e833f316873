import * as m from "@/messages";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { wearUsually } from "@/stores/sheet/kit";
import { PieceButtons } from "./piece-buttons";

/** What the person owns; a press puts it on. */
export function FromKit({ view }: { readonly view: OutingView }) {
  const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
  if (view.kit.length === 0) {
    return <p>{m.thisKitIsEmptyTakeGeneric}</p>;
  }
  return (
    <PieceButtons
      pieces={view.kit.map((piece) => ({ ...piece, key: piece.id, isWorn: worn.has(piece.id) }))}
      onPress={(id) => {
        const piece = view.kit.find((own) => own.id === id);
        if (piece) wearUsually(piece);
      }}
    />
  );
}
