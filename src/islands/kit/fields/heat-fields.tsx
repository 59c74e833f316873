import * as m from "@/messages";
import { HEAT_RANGE, type HeatSource } from "@/core/heat";
import { ChoiceField } from "../../fields/choice-field";
import { NumberField } from "../../fields/number-field";

type Props = {
  readonly heat: HeatSource | undefined;
  readonly onChange: (heat: HeatSource | undefined) => void;
};

/** To begin with, to be corrected by the label: typical figures (assumption). */
const USUAL: Readonly<Record<HeatSource["kind"], HeatSource>> = {
  pack: { kind: "pack", powerW: 1, hours: 7, startUpMinutes: 20 },
  electric: { kind: "electric", levelsW: [3, 5, 8], batteryWh: 20 },
};
const NONE = "none";
const KINDS: readonly (readonly [HeatSource["kind"] | typeof NONE, string])[] = [
  [NONE, m.bringsNoHeat],
  ["pack", m.aPackThatIsOpened],
  ["electric", m.runsFromABattery],
];

/** What heat a piece brings: a pack's hours and watts, or levels and battery. */
export function HeatFields({ heat, onChange }: Props) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <ChoiceField
        label={m.heat}
        value={heat?.kind ?? NONE}
        options={KINDS}
        onChange={(kind) => onChange(kind === NONE ? undefined : USUAL[kind])}
      />
      {heat?.kind === "pack" && (
        <>
          <NumberField
            label={m.onePackGives}
            unit="W"
            value={heat.powerW}
            low={HEAT_RANGE.packPowerW[0]}
            high={HEAT_RANGE.packPowerW[1]}
            step={0.1}
            decimals={1}
            onChange={(powerW) => onChange({ ...heat, powerW })}
          />
          <NumberField
            label={m.forWords}
            unit={m.hWords}
            value={heat.hours}
            low={HEAT_RANGE.packHours[0]}
            high={HEAT_RANGE.packHours[1]}
            step={0.5}
            decimals={1}
            onChange={(hours) => onChange({ ...heat, hours })}
          />
          <NumberField
            label={m.atWorkAfter}
            unit={m.min2}
            value={heat.startUpMinutes}
            low={HEAT_RANGE.startUpMinutes[0]}
            high={HEAT_RANGE.startUpMinutes[1]}
            step={5}
            decimals={0}
            onChange={(minutes) => onChange({ ...heat, startUpMinutes: Math.round(minutes) })}
          />
        </>
      )}
      {heat?.kind === "electric" && (
        <>
          {heat.levelsW.map((levelW, index) => (
            <NumberField
              key={index}
              label={m.levelTitle({ index: index + 1 })}
              unit="W"
              value={levelW}
              low={HEAT_RANGE.levelW[0]}
              high={HEAT_RANGE.levelW[1]}
              step={0.5}
              decimals={1}
              onChange={(typed) =>
                onChange({ ...heat, levelsW: heat.levelsW.map((own, at) => (at === index ? typed : own)) })
              }
            />
          ))}
          <NumberField
            label={m.battery}
            unit={m.wh}
            value={heat.batteryWh}
            low={HEAT_RANGE.batteryWh[0]}
            high={HEAT_RANGE.batteryWh[1]}
            step={1}
            decimals={1}
            onChange={(batteryWh) => onChange({ ...heat, batteryWh })}
          />
        </>
      )}
    </div>
  );
}
