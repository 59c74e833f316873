import * as m from "@/messages";
import { ASSEMBLY_FACTOR, type Label } from "@/core/labels";
import { LAYER_RANGE } from "@/core/clothing";
import { ASSEMBLY_WORDS, FACE_WORDS, FIT_WORDS, WEAR_WORDS } from "@/formats/display/words/label-words";
import { plainNumber } from "@/formats/display/numbers";
import { ChoiceField, optionsOf } from "../../fields/choice-field";
import { QuantityField } from "../../fields/quantity-field";
import { PanelFields } from "./panel-fields";

type Props = { readonly label: Label; readonly onChange: (label: Label) => void };

const USUAL_EASE_MM = 6;

/** What is printed on a piece or found by two fingers, panel by panel. */
export function LabelFields({ label, onChange }: Props) {
  if (label.kind === "explicit") {
    return <p className="text-muted text-sm">{m.itsLayersWereGivenAsThey}</p>;
  }
  const { panels, assembly, face, fit, wear, easeMm } = label;
  return (
    <>
      {panels.map((panel, position) => (
        <PanelFields
          key={position}
          panel={panel}
          index={position}
          onChange={(changed) =>
            onChange({ ...label, panels: panels.map((own, index) => (index === position ? changed : own)) })
          }
          onRemove={
            panels.length > 1
              ? () => onChange({ ...label, panels: panels.filter((_, index) => index !== position) })
              : null
          }
        />
      ))}
      <button
        type="button"
        className="press press-small self-start"
        onClick={() => onChange({ ...label, panels: [...panels, { ...panels.at(-1)!, part: undefined }] })}
      >
        {m.anotherPanel}
      </button>
      <div className="border-line flex flex-wrap gap-3 border-t pt-2">
        <ChoiceField
          label={m.face}
          value={face}
          options={optionsOf(FACE_WORDS)}
          onChange={(own) => onChange({ ...label, face: own })}
        />
        <ChoiceField
          label={m.fit}
          value={fit}
          options={optionsOf(FIT_WORDS)}
          onChange={(own) => onChange({ ...label, fit: own })}
        />
        <ChoiceField
          label={m.wornTitle}
          value={wear}
          options={optionsOf(WEAR_WORDS)}
          onChange={(own) => onChange({ ...label, wear: own })}
        />
        <ChoiceField
          label={m.made}
          value={assembly}
          options={optionsOf(ASSEMBLY_WORDS).map(([own, words]): [typeof own, string] => [
            own,
            `${words} (× ${plainNumber(ASSEMBLY_FACTOR[own], 2)})`,
          ])}
          onChange={(own) => onChange({ ...label, assembly: own })}
        />
        {easeMm === undefined ? (
          <button
            type="button"
            className="press press-small self-end"
            onClick={() => onChange({ ...label, easeMm: USUAL_EASE_MM })}
          >
            {m.sayHowMuchRoomIsUnder}
          </button>
        ) : (
          <QuantityField
            label={m.roomUnderIt}
            quantity="thickness"
            value={easeMm}
            range={LAYER_RANGE.easeMm}
            onChange={(mm) => onChange({ ...label, easeMm: mm })}
          />
        )}
      </div>
    </>
  );
}
