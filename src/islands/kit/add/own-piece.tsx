import * as m from "@/messages";
import { useState, type FormEvent } from "react";
import { useStore } from "@nanostores/react";
import { WEAR_WORDS } from "@/formats/display/words/label-words";
import type { Wear } from "@/core/labels";
import { OUTING_RANGE } from "@/core/outing";
import { MINOR_PER_UNIT, MOST_PRICE } from "@/core/pieces";
import { QUICK_KEYS, quickPiece, type QuickKey } from "@/core/starter-kit";
import { quantityText } from "@/formats/display/quantities";
import { QUANTITY_OF_UNIT } from "@/formats/display/units";
import { keepPhoto, type FreshPiece } from "@/stores/kit-page";
import { $preferences } from "@/stores/preferences";
import { ChoiceField, optionsOf } from "../../fields/choice-field";
import { QuantityField } from "../../fields/quantity-field";
import { TextField } from "../../fields/text-field";
import { OptionalNumber } from "../fields/optional-number";
import { OptionalQuantity } from "../fields/optional-quantity";
import { useAdding } from "./use-adding";
import { Problem } from "../../fields/problem";

/** A piece of one's own: what it is, and the one figure that is printed on it or pinched of it. */
export function OwnPiece({ onDone }: { readonly onDone: () => void }) {
  const { currency } = useStore($preferences);
  const [key, setKey] = useState<QuickKey>("hat");
  const [figure, setFigure] = useState(quickPiece("hat").figure.usual);
  const [name, setName] = useState("");
  const [massG, setMassG] = useState<number | null>(null);
  const [price, setPrice] = useState<number | null>(null);
  const [wear, setWear] = useState<Wear>("used");
  /** How many were added: fields of the next one begin empty. */
  const [taken, setTaken] = useState(0);
  const [photo, setPhoto] = useState<File | null>(null);
  const [added, setAdded] = useState("");
  const { add, problem } = useAdding(onDone);
  const { words, figure: asked, kind, fingersTogether, traits, labelOf } = quickPiece(key);
  const take = async (isLast: boolean): Promise<void> => {
    const piece: FreshPiece = {
      name: name.trim() || `${words} ${quantityText(QUANTITY_OF_UNIT[asked.unit], figure)}`,
      kind,
      label: labelOf(figure, wear),
      fingersTogether,
      traits,
      massG: massG === null ? null : Math.round(massG),
      priceMinor: price === null ? null : Math.round(price * MINOR_PER_UNIT),
      currency: price === null ? null : currency,
    };
    const isIn = await add(
      [piece],
      async ([id]) => {
        if (id && photo) await keepPhoto(id, photo);
      },
      isLast,
    );
    if (!isIn || isLast) return;
    setAdded(piece.name);
    setName("");
    setMassG(null);
    setPrice(null);
    setPhoto(null);
    setTaken(taken + 1);
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    void take(true);
  };
  return (
    <form className="flex flex-col gap-4" noValidate onSubmit={submit}>
      <div className="flex flex-wrap items-end gap-4">
        <ChoiceField
          label={m.whatItIs}
          value={key}
          options={QUICK_KEYS.map((own): [QuickKey, string] => [own, quickPiece(own).words])}
          onChange={(next) => {
            setKey(next);
            setFigure(quickPiece(next).figure.usual);
          }}
        />
        <QuantityField
          key={key}
          label={asked.words}
          quantity={QUANTITY_OF_UNIT[asked.unit]}
          value={figure}
          range={asked.range}
          onChange={setFigure}
        />
        <ChoiceField label={m.wornTitle} value={wear} options={optionsOf(WEAR_WORDS)} onChange={setWear} />
      </div>
      <div key={taken} className="flex flex-wrap items-end gap-4">
        <TextField label={m.nameIfYouLikeTitle} value={name} onChange={setName} />
        <OptionalQuantity
          label={m.massIfKnown}
          quantity="smallMass"
          value={massG}
          range={OUTING_RANGE.pieceMassG}
          onChange={setMassG}
        />
        <OptionalNumber
          label={m.priceTitle({ currency })}
          value={price}
          low={0}
          high={MOST_PRICE}
          onChange={setPrice}
        />
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">{m.photoIfYouLike}</span>
          <input
            type="file"
            accept="image/*"
            className="max-w-60 text-sm"
            onChange={(event) => setPhoto(event.target.files?.[0] ?? null)}
          />
        </label>
      </div>
      <p className="flex flex-wrap items-center gap-3">
        <button type="submit" className="press border-accent border-2 font-semibold">
          {m.addIt}
        </button>
        <button type="button" className="press" onClick={() => void take(false)}>
          {m.addItAndAnother}
        </button>
        <span role="status" className="text-sm">
          {added !== "" && m.isInTheKit({ added })}
        </span>
      </p>
      <Problem words={problem} />
    </form>
  );
}
