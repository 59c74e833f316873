import { LOW_HIGH_RANGE } from "@/core/day";
import { CONDITION_RANGE } from "@/core/sitter";
import type { Preferences } from "@/formats/display/preferences";
import { TEMPERATURE, WIND } from "@/formats/display/units";
import { NumberField } from "./number-field";

/** A day as a forecast's line has it. */
export type LowHigh = { readonly lowC: number; readonly highC: number; readonly windMPerS: number };

type Props = {
  readonly day: LowHigh;
  readonly preferences: Preferences;
  readonly onChange: (day: LowHigh) => void;
};

/** Low, high and wind of a day, in the units chosen; a low above the high is said. */
export function LowHighFields({ day, preferences, onChange }: Props) {
  const temperature = TEMPERATURE[preferences.temperature];
  const wind = WIND[preferences.wind];
  const degrees = (label: string, key: "lowC" | "highC") => (
    <NumberField
      label={label}
      unit={temperature.label}
      value={temperature.fromSi(day[key])}
      low={temperature.fromSi(LOW_HIGH_RANGE[key][0])}
      high={temperature.fromSi(LOW_HIGH_RANGE[key][1])}
      step={1}
      decimals={1}
      onChange={(value) => onChange({ ...day, [key]: temperature.toSi(value) })}
    />
  );
  return (
    <>
      {degrees("Low", "lowC")}
      {degrees("High", "highC")}
      <NumberField
        label="Wind"
        unit={wind.label}
        value={wind.fromSi(day.windMPerS)}
        low={0}
        high={wind.fromSi(CONDITION_RANGE.windMPerS[1])}
        step={1}
        decimals={1}
        onChange={(value) => onChange({ ...day, windMPerS: wind.toSi(value) })}
      />
    </>
  );
}
