import * as m from "@/messages";
import { useId, useRef, useState, type FormEvent } from "react";
import type { Wear } from "@/core/labels";
import { OUTING_RANGE } from "@/core/outing";
import { useStore } from "@nanostores/react";
import { plainNumber } from "@/formats/display/numbers";
import { quantityText } from "@/formats/display/quantities";
import { QUANTITY_OF_UNIT, unitOf, type Unit } from "@/formats/display/units";
import { $preferences } from "@/stores/preferences";
import { shownNumber } from "../../fields/use-typed-number";
import { WEAR_WORDS } from "@/formats/display/words/label-words";
import { readTypedNumber } from "@/formats/typed-number";
import { QUICK_KEYS, quickPiece, type QuickKey } from "@/core/starter-kit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { ChoiceField, optionsOf } from "../../fields/choice-field";
import { addToKit, wearUsually } from "@/stores/sheet/kit";
import { Problem } from "../../fields/problem";

/** Own pieces, one after the other: what it is, its figure, Enter; the next begins at once. */
export function QuickAdd({ view }: { readonly view: OutingView }) {
  const id = useId();
  const first = useRef<HTMLSelectElement>(null);
  const [place, setPlace] = useState<QuickKey>("hat");
  const preferences = useStore($preferences);
  const massUnit = unitOf("smallMass", preferences);
  const unitFor = (key: QuickKey): Unit => unitOf(QUANTITY_OF_UNIT[quickPiece(key).figure.unit], preferences);
  const usualText = (key: QuickKey): string =>
    shownNumber(unitFor(key).fromSi(quickPiece(key).figure.usual), unitFor(key).decimals);
  const [figureText, setFigureText] = useState(() => usualText("hat"));
  const [massText, setMassText] = useState("");
  const [name, setName] = useState("");
  const [wear, setWear] = useState<Wear>("used");
  const [told, setTold] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const quick = quickPiece(place);
  const { words, range } = quick.figure;
  const unit = unitFor(place);
  const typed = readTypedNumber(figureText);
  const figure = typed === null ? null : unit.toSi(typed);
  const mass = readTypedNumber(massText);
  const massG = mass === null ? null : Math.round(massUnit.toSi(mass));
  const isFigureUsable = figure !== null && figure >= range[0] && figure <= range[1];
  const [leastG, mostG] = OUTING_RANGE.pieceMassG;
  const isMassUsable = massG === null ? massText.trim() === "" : massG >= leastG && massG <= mostG;

  const choose = (next: QuickKey): void => {
    setPlace(next);
    setFigureText(usualText(next));
  };
  const add = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    setProblem(null);
    if (!isFigureUsable || !isMassUsable) {
      setProblem(
        isFigureUsable
          ? m.giveAMassFromToOr({
              quantity: quantityText("smallMass", leastG),
              quantity2: quantityText("smallMass", mostG),
            })
          : m.giveFromTo({
              words: words.toLowerCase(),
              fromSi: plainNumber(unit.fromSi(range[0]), unit.decimals),
              fromSi2: plainNumber(unit.fromSi(range[1]), unit.decimals),
              label: unit.label,
            }),
      );
      return;
    }
    const fresh = {
      name: name.trim() || `${quick.words} ${figureText} ${unit.label}`,
      kind: quick.kind,
      label: quick.labelOf(figure, wear),
      fingersTogether: quick.fingersTogether,
      traits: quick.traits,
      massG,
      priceMinor: null,
      currency: null,
    };
    try {
      const [piece] = await addToKit([fresh]);
      if (piece) wearUsually(piece);
      setTold(m.isInTheKitAndOn({ name: fresh.name }));
      setName("");
      setMassText("");
      first.current?.focus();
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const worn = view.wearings.length;
  return (
    <form className="flex flex-col gap-3" onSubmit={(event) => void add(event)} noValidate>
      <p className="text-muted text-sm">{m.chooseWhatItIsTypeIts}</p>
      <div className="flex flex-wrap items-end gap-4">
        <div className="flex flex-col gap-1">
          <label htmlFor={`${id}-what`} className="text-muted text-sm">
            {m.whatItIs}
          </label>
          <select
            id={`${id}-what`}
            ref={first}
            className="field w-56"
            value={place}
            onChange={(event) => choose(event.target.value as QuickKey)}
          >
            {QUICK_KEYS.map((key) => (
              <option key={key} value={key}>
                {quickPiece(key).words}
              </option>
            ))}
          </select>
        </div>
        <div className="flex flex-col gap-1">
          <label htmlFor={id} className="text-muted text-sm">
            {words}, {unit.label}
          </label>
          <input
            id={id}
            className="field w-40"
            inputMode="decimal"
            value={figureText}
            aria-invalid={!isFigureUsable}
            onFocus={(event) => event.target.select()}
            onChange={(event) => setFigureText(event.target.value)}
          />
        </div>
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">
            {m.massTitle} {massUnit.label} {m.ifKnown}
          </span>
          <input
            className="field w-28"
            inputMode="numeric"
            value={massText}
            aria-invalid={!isMassUsable}
            onChange={(event) => setMassText(event.target.value)}
          />
        </label>
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">{m.nameIfYouLike}</span>
          <input
            className="field w-44"
            value={name}
            maxLength={120}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <ChoiceField label={m.wearTitle} value={wear} options={optionsOf(WEAR_WORDS)} onChange={setWear} />
        <button type="submit" className="press border-accent">
          {m.add}
        </button>
      </div>
      <Problem words={problem} />
      <p role="status" className="text-sm">
        {told ? `${told} ` : ""}
        {worn} {m.onTheSheetPart}
      </p>
    </form>
  );
}
