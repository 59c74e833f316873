import * as m from "@/messages";
import { CLOTH_FIBRE_WORDS } from "@/formats/display/words/label-words";
import { FIBRES, LABEL_RANGE, type Fibre, type Material } from "@/core/labels";
import { BETTER_KNOWN, materialWords } from "@/formats/display/words/label-words";
import { ChoiceField } from "../../fields/choice-field";
import { NumberField } from "../../fields/number-field";
import { QuantityField } from "../../fields/quantity-field";

type Props = { readonly material: Material; readonly onChange: (material: Material) => void };

/** The figures a material is known by, to be corrected. */
function Figures({ material, onChange }: Props) {
  if (material.kind === "down") {
    return (
      <>
        <QuantityField
          label={m.fill}
          quantity="smallMass"
          value={material.fillG}
          range={LABEL_RANGE.fillG}
          onChange={(fillG) => onChange({ ...material, fillG })}
        />
        <NumberField
          label={m.fillPowerTitle}
          unit={m.inOz}
          value={material.fillPowerIn3PerOz}
          low={LABEL_RANGE.fillPowerIn3PerOz[0]}
          high={LABEL_RANGE.fillPowerIn3PerOz[1]}
          step={50}
          decimals={0}
          onChange={(fillPowerIn3PerOz) => onChange({ ...material, fillPowerIn3PerOz })}
        />
        <NumberField
          label={m.areaFilled}
          unit="m²"
          value={material.panelAreaM2}
          low={LABEL_RANGE.panelAreaM2[0]}
          high={LABEL_RANGE.panelAreaM2[1]}
          step={0.1}
          decimals={2}
          onChange={(panelAreaM2) => onChange({ ...material, panelAreaM2 })}
        />
      </>
    );
  }
  if (material.kind === "testSheet") {
    return (
      <QuantityField
        label={m.tested}
        quantity="insulation"
        value={material.insulationM2KPerW}
        range={LABEL_RANGE.testedM2KPerW}
        onChange={(insulationM2KPerW) => onChange({ ...material, insulationM2KPerW })}
      />
    );
  }
  if ("massGPerM2" in material) {
    return (
      <QuantityField
        label={m.printed}
        quantity="areal"
        value={material.massGPerM2}
        range={LABEL_RANGE.massGPerM2}
        onChange={(massGPerM2) => onChange({ ...material, massGPerM2 })}
      />
    );
  }
  return (
    <QuantityField
      label={m.thickness}
      quantity="thickness"
      value={material.thicknessMm}
      range={LABEL_RANGE.thicknessMm}
      onChange={(thicknessMm) => onChange({ ...material, thicknessMm })}
    />
  );
}

/** A thickness to begin a pinch with, near what most pieces have (assumption). */
const PINCHED_MM = 10;

/** What two fingers found instead of what the label lets guess: down keeps its kind, all else is a thickness. */
const pinched = (material: Material): Material =>
  material.kind === "down" ? { ...material, peakLoftMm: PINCHED_MM } : { kind: "thickness", thicknessMm: PINCHED_MM };

/** One material of a panel: its figures, what is taken for granted, and the way to know better. */
export function MaterialFields({ material, onChange }: Props) {
  const better = BETTER_KNOWN[material.kind];
  const peakLoftMm = material.kind === "down" ? material.peakLoftMm : undefined;
  return (
    <div className="flex flex-col gap-1">
      <p className="text-sm font-semibold">{materialWords(material)}</p>
      <div className="flex flex-wrap gap-3">
        {material.kind === "down" && peakLoftMm !== undefined ? (
          <QuantityField
            label={m.chambersThickest}
            quantity="thickness"
            value={peakLoftMm}
            range={LABEL_RANGE.thicknessMm}
            onChange={(loft) => onChange({ ...material, peakLoftMm: loft })}
          />
        ) : (
          <Figures material={material} onChange={onChange} />
        )}
        {(material.kind === "knit" || material.kind === "thickness") && (
          <ChoiceField<Fibre | "">
            label={m.fibreForWhenItIsWet}
            value={material.fibre ?? ""}
            options={[["", m.notKnown], ...FIBRES.map((fibre): [Fibre, string] => [fibre, CLOTH_FIBRE_WORDS[fibre]])]}
            onChange={(fibre) => onChange({ ...material, fibre: fibre === "" ? undefined : fibre })}
          />
        )}
      </div>
      {better !== null && peakLoftMm === undefined && (
        <p className="text-muted text-sm">
          {better}{" "}
          <button type="button" className="press press-small" onClick={() => onChange(pinched(material))}>
            {m.iMeasuredIt}
          </button>
        </p>
      )}
    </div>
  );
}
