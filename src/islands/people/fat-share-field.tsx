import * as m from "@/messages";
import { useId, useState } from "react";
import {
  FAT_PERCENT_OF_FIGURE,
  FIGURES,
  GIRTH_RANGE,
  PERSON_RANGE,
  fatPercentFromGirths,
  fatPercentFromMassIndex,
  figureOf,
  type Girths,
} from "@/core/body";
import { FIGURE_WORDS } from "@/formats/display/words/person-words";
import type { PersonContent } from "@/formats/wire/people/person-view";
import { ChoiceField } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";
import { FigureDrawing } from "./figure-drawing";

/** Ways to come to a share of fat, the roughest first. */
export const FAT_WAYS = {
  estimated: m.estimatedFromHeightWeightAndAge,
  figure: m.byPointingAtAFigure,
  girths: m.fromATapeRoundWaistAnd,
  known: m.iKnowIt,
} as const;
export type FatWay = keyof typeof FAT_WAYS;

type Props = {
  readonly person: PersonContent;
  readonly way: FatWay;
  readonly onWay: (way: FatWay) => void;
  readonly onChange: (fatPercent: number) => void;
};

function FigureChoice({ person, onChange }: Pick<Props, "person" | "onChange">) {
  const name = useId();
  const chosen = figureOf(person.sex, person.fatPercent);
  return (
    <fieldset>
      <legend className="text-muted text-sm">{m.whichOfThemIsMostLike}</legend>
      <div className="flex flex-wrap gap-2">
        {FIGURES.map((figure) => (
          <label
            key={figure}
            className={`flex min-w-14 cursor-pointer flex-col items-center border px-1 pb-1 has-focus-visible:outline-2 ${figure === chosen ? "border-accent border-2" : "border-line"}`}
          >
            <input
              type="radio"
              className="sr-only"
              name={name}
              checked={figure === chosen}
              onChange={() => onChange(FAT_PERCENT_OF_FIGURE[person.sex][figure])}
            />
            <FigureDrawing figure={figure} />
            {FIGURE_WORDS[figure]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

const USUAL_GIRTHS: Girths = { waistM: 0.85, neckM: 0.37, hipM: 1 };

function GirthFields({ person, onChange }: Pick<Props, "person" | "onChange">) {
  const [girths, setGirths] = useState(USUAL_GIRTHS);
  const take = (part: Partial<Girths>): void => {
    const next = { ...girths, ...part };
    setGirths(next);
    const percent = fatPercentFromGirths(person.sex, person.heightM, next);
    if (percent !== null) onChange(Math.round(percent));
  };
  const field = (label: string, key: keyof Girths) => (
    <QuantityField
      label={label}
      quantity="length"
      value={girths[key]}
      range={GIRTH_RANGE[key]}
      onChange={(metres) => take({ [key]: metres })}
    />
  );
  return (
    <div className="flex flex-wrap items-end gap-4">
      {field(m.waistAtTheNavel, "waistM")}
      {field(m.neckBelowTheLarynx, "neckM")}
      {person.sex === "female" && field(m.hipsAtTheirWidest, "hipM")}
      {fatPercentFromGirths(person.sex, person.heightM, girths) === null && (
        <p role="alert" className="text-cranberry w-full text-sm">
          {m.aWaistThinnerThanTheNeck}
        </p>
      )}
      <p className="text-muted w-full text-sm">{m.byHodgdonBeckett1984Within3}</p>
    </div>
  );
}

/** What share of the body is fat, by whatever way the person can tell. */
export function FatShareField({ person, way, onWay, onChange }: Props) {
  const choose = (next: FatWay): void => {
    onWay(next);
    if (next === "estimated") onChange(Math.round(fatPercentFromMassIndex(person)));
  };
  return (
    <div className="flex max-w-full min-w-0 flex-col gap-2">
      <ChoiceField
        label={m.shareOfFat}
        value={way}
        options={Object.entries(FAT_WAYS) as [FatWay, string][]}
        onChange={choose}
      />
      {way === "figure" && <FigureChoice person={person} onChange={onChange} />}
      {way === "girths" && <GirthFields person={person} onChange={onChange} />}
      {way === "known" ? (
        <NumberField
          label={m.fatShareOfTheBody}
          unit="%"
          value={person.fatPercent}
          low={PERSON_RANGE.fatPercent[0]}
          high={PERSON_RANGE.fatPercent[1]}
          step={1}
          decimals={0}
          onChange={onChange}
        />
      ) : (
        <p className="text-sm" role="status">
          {m.takenAs} <strong>{Math.round(person.fatPercent)} %</strong> {m.ofTheBody}
        </p>
      )}
    </div>
  );
}
