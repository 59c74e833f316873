import * as m from "@/messages";
import type { LabelPanel, Material, MaterialKind } from "@/core/labels";
import { PATCHES, type Patch } from "@/core/patches";
import { materialWords } from "@/formats/display/words/label-words";
import { PATCH_WORDS } from "@/formats/display/words/body-words";
import { USUAL_MATERIALS } from "@/core/starter-kit";
import { ChoiceField } from "../../fields/choice-field";
import { NumberField } from "../../fields/number-field";
import { TextField } from "../../fields/text-field";
import { MaterialFields } from "./material-fields";

type Props = {
  readonly panel: LabelPanel;
  readonly index: number;
  readonly onChange: (panel: LabelPanel) => void;
  /** `null` where it is the only one. */
  readonly onRemove: (() => void) | null;
};

const PERCENT = 100;
const LEAST_COVER_PERCENT = 5;
const KINDS = Object.keys(USUAL_MATERIALS) as MaterialKind[];
const patchWords = (patch: Patch): string => PATCH_WORDS[patch];

/** Where a panel lies, how much of it is covered, and whether it comes off. */
function Where({ panel, index: index, onChange, onRemove }: Props) {
  const { patches, part, coverShare = 1 } = panel;
  const toggle = (patch: Patch, isOn: boolean): void =>
    onChange({
      ...panel,
      patches: isOn
        ? PATCHES.filter((own) => own === patch || patches.includes(own))
        : patches.filter((own) => own !== patch),
    });
  return (
    <details>
      <summary className="cursor-pointer text-sm">{m.whereItLiesAndWhatComes}</summary>
      <fieldset className="flex flex-wrap gap-x-3 gap-y-1 py-2 text-sm">
        <legend className="sr-only">
          {m.partsCoveredByPanel} {index + 1}
        </legend>
        {PATCHES.map((patch) => (
          <label key={patch} className="flex min-h-6 items-center gap-1">
            <input
              type="checkbox"
              className="size-4"
              checked={patches.includes(patch)}
              disabled={patches.length === 1 && patches.includes(patch)}
              onChange={(event) => toggle(patch, event.target.checked)}
            />
            {patchWords(patch)}
          </label>
        ))}
      </fieldset>
      <div className="flex flex-wrap items-end gap-3 pb-2">
        <NumberField
          label={m.coversOfEach}
          unit="%"
          value={coverShare * PERCENT}
          low={LEAST_COVER_PERCENT}
          high={PERCENT}
          step={5}
          decimals={0}
          onChange={(percent) =>
            onChange({ ...panel, coverShare: percent === PERCENT ? undefined : percent / PERCENT })
          }
        />
        <TextField
          label={m.partThatComesOff}
          value={part ?? ""}
          onChange={(text) => onChange({ ...panel, part: text === "" ? undefined : text })}
        />
        {onRemove && (
          <button type="button" className="press press-small" onClick={onRemove}>
            {m.takePanel} {index + 1} {m.away}
          </button>
        )}
      </div>
    </details>
  );
}

/** A panel: its materials from the skin out, where it lies, what comes off. */
export function PanelFields(props: Props) {
  const { panel, onChange } = props;
  const { materials, patches, part } = panel;
  const setMaterials = (changed: readonly Material[]): void => onChange({ ...panel, materials: changed });
  return (
    <fieldset className="border-line flex flex-col gap-2 border-t pt-2">
      <legend className="text-muted text-sm">
        {patches.map(patchWords).join(", ")}
        {part && m.part({ part })}
      </legend>
      {materials.map((material, layer) => (
        <div key={`${layer} ${material.kind}`} className="flex flex-col gap-1">
          <MaterialFields
            material={material}
            onChange={(changed) => setMaterials(materials.map((old, at) => (at === layer ? changed : old)))}
          />
          {materials.length > 1 && (
            <button
              type="button"
              className="press press-small self-start"
              onClick={() => setMaterials(materials.filter((_, at) => at !== layer))}
            >
              {m.takeItOut}
              <span className="sr-only">: {materialWords(material)}</span>
            </button>
          )}
        </div>
      ))}
      <ChoiceField<MaterialKind | "">
        label={m.anotherMaterialOutsideIt}
        value=""
        options={[
          ["", m.choose],
          ...KINDS.map((kind): [MaterialKind, string] => [kind, materialWords(USUAL_MATERIALS[kind])]),
        ]}
        onChange={(kind) => {
          if (kind !== "") setMaterials([...materials, USUAL_MATERIALS[kind]]);
        }}
      />
      <Where {...props} />
    </fieldset>
  );
}
