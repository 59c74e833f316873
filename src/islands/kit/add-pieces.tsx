import { useState, type FormEvent } from "react";
import { QUICK_PIECES } from "@/core/starter-kit";
import { STARTER_KITS, type StarterKitKey } from "@/core/starter-kit";
import { STARTER_PIECES, starterPiece, type StarterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { $chosenPiece, addPieces, type FreshPiece } from "@/stores/kit-page";
import { ChoiceField } from "../fields/choice-field";
import { quantityText } from "@/formats/display/quantities";
import { QUANTITY_OF_UNIT } from "@/formats/display/units";
import { QuantityField } from "../fields/quantity-field";

const CURRENCY = "EUR";

/** A kind of piece by the one figure that is known of it. */
function byFigure(index: number, figure: number): FreshPiece {
  const { words, figure: asked, kind, fingersTogether, traits, labelOf } = QUICK_PIECES[index]!;
  return {
    name: `${words} ${quantityText(QUANTITY_OF_UNIT[asked.unit], figure)}`,
    kind,
    label: labelOf(figure, "used"),
    fingersTogether,
    traits,
    massG: null,
    priceMinor: null,
    currency: null,
  };
}

function generic({ fingersTogether = false, traits = {}, ...piece }: StarterPiece): FreshPiece {
  return { ...piece, fingersTogether, traits, currency: CURRENCY };
}

/** Adds a piece by its kind and one figure, or a generic one; it opens beside, to be corrected. */
export function AddPieces() {
  const [place, setPlace] = useState(0);
  const [figure, setFigure] = useState(QUICK_PIECES[0]!.figure.usual);
  const [starter, setStarter] = useState<StarterPieceKey>("fleeceJacket");
  const [whole, setWhole] = useState<StarterKitKey>("middle");
  const [problem, setProblem] = useState<string | null>(null);
  const quick = QUICK_PIECES[place]!;
  const add = async (event: FormEvent, pieces: readonly FreshPiece[]): Promise<void> => {
    event.preventDefault();
    try {
      setProblem(null);
      const [id] = await addPieces(pieces);
      if (id && pieces.length === 1) $chosenPiece.set(id);
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <div className="no-print border-line flex flex-wrap items-end gap-x-8 gap-y-3 border-b pb-3">
      <form
        className="flex flex-wrap items-end gap-3"
        noValidate
        onSubmit={(event) => void add(event, [byFigure(place, figure)])}
      >
        <ChoiceField
          label="Add a piece of yours"
          value={String(place)}
          options={QUICK_PIECES.map(({ words }, index): [string, string] => [String(index), words])}
          onChange={(index) => {
            setPlace(Number(index));
            setFigure(QUICK_PIECES[Number(index)]!.figure.usual);
          }}
        />
        <QuantityField
          key={place}
          label={quick.figure.words}
          quantity={QUANTITY_OF_UNIT[quick.figure.unit]}
          value={figure}
          range={quick.figure.range}
          onChange={setFigure}
        />
        <button type="submit" className="press border-accent">
          Add
        </button>
      </form>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => void add(event, [generic(starterPiece(starter))])}
      >
        <ChoiceField<StarterPieceKey>
          label="or a generic one"
          value={starter}
          options={(Object.keys(STARTER_PIECES) as StarterPieceKey[]).map((key): [StarterPieceKey, string] => [
            key,
            STARTER_PIECES[key].name,
          ])}
          onChange={setStarter}
        />
        <button type="submit" className="press">
          Add it
        </button>
      </form>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => void add(event, STARTER_KITS[whole].pieces.map(generic))}
      >
        <ChoiceField<StarterKitKey>
          label="or a whole generic kit"
          value={whole}
          options={(Object.keys(STARTER_KITS) as StarterKitKey[]).map((key): [StarterKitKey, string] => [
            key,
            STARTER_KITS[key].words,
          ])}
          onChange={setWhole}
        />
        <button type="submit" className="press">
          Add all {STARTER_KITS[whole].pieces.length}
        </button>
        <p className="text-muted basis-full text-sm">{STARTER_KITS[whole].says}</p>
      </form>
      {problem !== null && (
        <p role="alert" className="text-cranberry basis-full text-sm">
          {problem}
        </p>
      )}
    </div>
  );
}
