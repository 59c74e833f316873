import * as m from "@/messages";
import { POSTURE_WORDS } from "@/formats/display/words/body-words";
import { BENCH_RANGE, type BenchSetting } from "@/core/bench";
import { SITTER_POSTURES } from "@/core/sitter";
import { GROUND_WORDS } from "@/formats/display/words/place-words";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";

type Props = {
  readonly setting: BenchSetting;
  readonly onChange: (change: Partial<BenchSetting>) => void;
};

/** By water in it over its own mass. */
const WETNESS: readonly (readonly [string, string])[] = [
  ["0", m.dryAtTheStart],
  ["0.2", m.dampAsTheEveningBeforeLeft],
  ["0.6", m.wetAtTheStart],
  ["1", m.soakedAtTheStart],
];

/** The weather and the sit that pieces are compared in. */
export function BenchFields({ setting, onChange }: Props) {
  return (
    <fieldset className="border-line flex flex-wrap items-end gap-4 border-b pb-3">
      <legend className="sr-only">{m.comparedIn}</legend>
      <QuantityField
        label={m.air}
        quantity="temperature"
        value={setting.airTemperatureC}
        range={BENCH_RANGE.airTemperatureC}
        onChange={(airTemperatureC) => onChange({ airTemperatureC })}
      />
      <QuantityField
        label={m.windAtTheSeat}
        quantity="wind"
        value={setting.windAtSeatMPerS}
        range={BENCH_RANGE.windAtSeatMPerS}
        onChange={(windAtSeatMPerS) => onChange({ windAtSeatMPerS })}
      />
      <NumberField
        label={m.forWords}
        unit={m.hWords}
        value={setting.hours}
        low={BENCH_RANGE.hours[0]}
        high={BENCH_RANGE.hours[1]}
        step={0.5}
        decimals={1}
        onChange={(hours) => onChange({ hours })}
      />
      <ChoiceField
        label={m.feetAndSeatRestOn}
        value={setting.ground}
        options={optionsOf(GROUND_WORDS)}
        onChange={(ground) => onChange({ ground })}
      />
      <ChoiceField
        label={m.postureTitle}
        value={setting.posture}
        options={SITTER_POSTURES.map((posture) => [posture, POSTURE_WORDS[posture]] as const)}
        onChange={(posture) => onChange({ posture })}
      />
      <ChoiceField
        label={m.whatIsTriedIs}
        value={String(setting.wetShare ?? 0)}
        options={WETNESS}
        onChange={(wetShare) => onChange({ wetShare: Number(wetShare) })}
      />
    </fieldset>
  );
}
