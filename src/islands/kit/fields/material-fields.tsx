import { FIBRES, LABEL_RANGE, type Fibre, type Material } from "@/core/labels";
import { BETTER_KNOWN, materialWords } from "@/formats/display/words/label-words";
import { ChoiceField } from "../../fields/choice-field";
import { NumberField } from "../../fields/number-field";

type Props = { readonly material: Material; readonly onChange: (material: Material) => void };

/** The figures a material is known by, to be corrected. */
function Figures({ material, onChange }: Props) {
  if (material.kind === "down") {
    return (
      <>
        <NumberField
          label="Fill"
          unit="g"
          value={material.fillG}
          low={LABEL_RANGE.fillG[0]}
          high={LABEL_RANGE.fillG[1]}
          step={5}
          decimals={0}
          onChange={(fillG) => onChange({ ...material, fillG })}
        />
        <NumberField
          label="Fill power"
          unit="in³/oz"
          value={material.fillPowerIn3PerOz}
          low={LABEL_RANGE.fillPowerIn3PerOz[0]}
          high={LABEL_RANGE.fillPowerIn3PerOz[1]}
          step={50}
          decimals={0}
          onChange={(fillPowerIn3PerOz) => onChange({ ...material, fillPowerIn3PerOz })}
        />
        <NumberField
          label="Area filled"
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
      <NumberField
        label="Tested"
        unit="m²K/W"
        value={material.insulationM2KPerW}
        low={LABEL_RANGE.testedM2KPerW[0]}
        high={LABEL_RANGE.testedM2KPerW[1]}
        step={0.01}
        decimals={3}
        onChange={(insulationM2KPerW) => onChange({ ...material, insulationM2KPerW })}
      />
    );
  }
  if ("massGPerM2" in material) {
    return (
      <NumberField
        label="Printed"
        unit="g/m²"
        value={material.massGPerM2}
        low={LABEL_RANGE.massGPerM2[0]}
        high={LABEL_RANGE.massGPerM2[1]}
        step={10}
        decimals={0}
        onChange={(massGPerM2) => onChange({ ...material, massGPerM2 })}
      />
    );
  }
  return (
    <NumberField
      label="Thickness"
      unit="mm"
      value={material.thicknessMm}
      low={LABEL_RANGE.thicknessMm[0]}
      high={LABEL_RANGE.thicknessMm[1]}
      step={0.5}
      decimals={1}
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
          <NumberField
            label="Chambers, thickest"
            unit="mm"
            value={peakLoftMm}
            low={LABEL_RANGE.thicknessMm[0]}
            high={LABEL_RANGE.thicknessMm[1]}
            step={1}
            decimals={0}
            onChange={(loft) => onChange({ ...material, peakLoftMm: loft })}
          />
        ) : (
          <Figures material={material} onChange={onChange} />
        )}
        {(material.kind === "knit" || material.kind === "thickness") && (
          <ChoiceField<Fibre | "">
            label="Fibre, for when it is wet"
            value={material.fibre ?? ""}
            options={[["", "not known"], ...FIBRES.map((fibre): [Fibre, string] => [fibre, fibre])]}
            onChange={(fibre) => onChange({ ...material, fibre: fibre === "" ? undefined : fibre })}
          />
        )}
      </div>
      {better !== null && peakLoftMm === undefined && (
        <p className="text-muted text-sm">
          {better}{" "}
          <button type="button" className="press press-small" onClick={() => onChange(pinched(material))}>
            I measured it
          </button>
        </p>
      )}
    </div>
  );
}
