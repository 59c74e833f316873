import { BENCH_RANGE, type BenchSetting } from "@/core/bench";
import { SITTER_POSTURES } from "@/core/sitter";
import { GROUND_WORDS } from "@/formats/display/words/place-words";
import type { Preferences } from "@/formats/display/preferences";
import { TEMPERATURE, WIND } from "@/formats/display/units";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";

type Props = {
  readonly setting: BenchSetting;
  readonly preferences: Preferences;
  readonly onChange: (change: Partial<BenchSetting>) => void;
};

/** By water in it over its own mass. */
const WETNESS: readonly (readonly [string, string])[] = [
  ["0", "dry at the start"],
  ["0.2", "damp, as the evening before left it"],
  ["0.6", "wet"],
  ["1", "soaked"],
];

/** The weather and the sit that pieces are compared in. */
export function BenchFields({ setting, preferences, onChange }: Props) {
  const temperature = TEMPERATURE[preferences.temperature];
  const wind = WIND[preferences.wind];
  return (
    <fieldset className="border-line flex flex-wrap items-end gap-4 border-b pb-3">
      <legend className="sr-only">Compared in</legend>
      <NumberField
        key={`air ${preferences.temperature}`}
        label="Air"
        unit={temperature.label}
        value={temperature.fromSi(setting.airTemperatureC)}
        low={temperature.fromSi(BENCH_RANGE.airTemperatureC[0])}
        high={temperature.fromSi(BENCH_RANGE.airTemperatureC[1])}
        step={1}
        decimals={0}
        onChange={(typed) => onChange({ airTemperatureC: temperature.toSi(typed) })}
      />
      <NumberField
        key={`wind ${preferences.wind}`}
        label="Wind at the seat"
        unit={wind.label}
        value={wind.fromSi(setting.windAtSeatMPerS)}
        low={wind.fromSi(BENCH_RANGE.windAtSeatMPerS[0])}
        high={wind.fromSi(BENCH_RANGE.windAtSeatMPerS[1])}
        step={0.5}
        decimals={1}
        onChange={(typed) => onChange({ windAtSeatMPerS: wind.toSi(typed) })}
      />
      <NumberField
        label="For"
        unit="h"
        value={setting.hours}
        low={BENCH_RANGE.hours[0]}
        high={BENCH_RANGE.hours[1]}
        step={0.5}
        decimals={1}
        onChange={(hours) => onChange({ hours })}
      />
      <ChoiceField
        label="Feet and seat rest on"
        value={setting.ground}
        options={optionsOf(GROUND_WORDS)}
        onChange={(ground) => onChange({ ground })}
      />
      <ChoiceField
        label="Posture"
        value={setting.posture}
        options={SITTER_POSTURES.map((posture): [typeof posture, string] => [posture, posture])}
        onChange={(posture) => onChange({ posture })}
      />
      <ChoiceField
        label="What is tried is"
        value={String(setting.wetShare ?? 0)}
        options={WETNESS}
        onChange={(wetShare) => onChange({ wetShare: Number(wetShare) })}
      />
    </fieldset>
  );
}
