import * as m from "@/messages";
import { useState } from "react";
import {
  STARTER_KITS,
  STARTER_PIECES,
  starterPiece,
  type StarterKitKey,
  type StarterPiece,
  type StarterPieceKey,
} from "@/core/starter-kit";
import type { FreshPiece } from "@/stores/kit-page";
import { ChoiceField } from "../../fields/choice-field";
import { useAdding } from "./use-adding";
import { Problem } from "../../fields/problem";

/** Generic pieces are priced in it. */
const GENERIC_CURRENCY = "EUR";

const fresh = ({ fingersTogether = false, traits = {}, ...piece }: StarterPiece): FreshPiece => ({
  ...piece,
  fingersTogether,
  traits,
  currency: GENERIC_CURRENCY,
});

type Props = { readonly onDone: () => void };

/** One generic piece, to be corrected beside. */
export function GenericPiece({ onDone }: Props) {
  const [key, setKey] = useState<StarterPieceKey>("fleeceJacket");
  const { add, problem } = useAdding(onDone);
  return (
    <div className="flex flex-col gap-4">
      <ChoiceField
        label={m.aGenericPieceWithFiguresAs}
        value={key}
        options={(Object.keys(STARTER_PIECES) as StarterPieceKey[]).map((own): [StarterPieceKey, string] => [
          own,
          STARTER_PIECES[own].name,
        ])}
        onChange={setKey}
      />
      <button
        type="button"
        className="press border-accent self-start"
        onClick={() => void add([fresh(starterPiece(key))])}
      >
        {m.addIt}
      </button>
      <Problem words={problem} />
    </div>
  );
}

/** A whole generic kit, to begin with. */
export function GenericKit({ onDone }: Props) {
  const [key, setKey] = useState<StarterKitKey>("middle");
  const { add, problem } = useAdding(onDone);
  const { says, pieces } = STARTER_KITS[key];
  return (
    <div className="flex flex-col gap-4">
      <ChoiceField
        label={m.aWholeGenericKitTitle}
        value={key}
        options={(Object.keys(STARTER_KITS) as StarterKitKey[]).map((own): [StarterKitKey, string] => [
          own,
          STARTER_KITS[own].words,
        ])}
        onChange={setKey}
      />
      <p className="text-muted text-sm">{says}</p>
      <p className="text-sm">{pieces.map(({ name }) => name).join(" · ")}</p>
      <button type="button" className="press border-accent self-start" onClick={() => void add(pieces.map(fresh))}>
        {m.addAll} {pieces.length}
      </button>
      <Problem words={problem} />
    </div>
  );
}
