import * as m from "@/messages";
import { useState } from "react";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { genericPiece } from "@/formats/wire/kit/generic-outfit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { addToKit, wearUsually, type NewPiece } from "@/stores/sheet/kit";
import { PieceButtons } from "./piece-buttons";
import { Problem } from "../../fields/problem";

const KEYS = Object.keys(STARTER_PIECES) as StarterPieceKey[];

const newPiece = (key: StarterPieceKey): NewPiece => genericPiece(starterPiece(key));

/** Generic pieces with the figures of usual labels; a press adds one to the kit and puts it on. */
export function FromStarterKit({ view }: { readonly view: OutingView }) {
  const [problem, setProblem] = useState<string | null>(null);
  const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
  const wornNames = new Set(view.kit.filter(({ id }) => worn.has(id)).map(({ name }) => name));
  const take = async (key: StarterPieceKey): Promise<void> => {
    setProblem(null);
    const fresh = newPiece(key);
    try {
      const known = view.kit.find(({ name }) => name === fresh.name);
      const [piece] = known ? [known] : await addToKit([fresh]);
      if (piece) wearUsually(piece);
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <>
      <p className="text-muted mb-2 text-sm">{m.madeUpPiecesWithFiguresAs}</p>
      <Problem words={problem} />
      <PieceButtons
        pieces={KEYS.map((key) => {
          const { name, kind, label, massG } = STARTER_PIECES[key];
          return { key, name, kind, label, massG, isWorn: wornNames.has(name) };
        })}
        onPress={(key) => void take(key as StarterPieceKey)}
      />
    </>
  );
}
