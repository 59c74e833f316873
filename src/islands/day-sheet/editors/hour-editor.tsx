import * as m from "@/messages";
import { FieldNote } from "./field-note";
import { OUTING_RANGE } from "@/core/outing";
import { CONDITION_RANGE } from "@/core/sitter";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { TEMPERATURE, WIND } from "@/formats/display/units";
import type { OutingView, TypedNumber } from "@/formats/wire/outing/outing-view";
import { $selection } from "@/stores/sheet/day-sheet";
import { editHour } from "@/stores/sheet/edits";
import { NumberField } from "../../fields/number-field";
import { QuantityField } from "../../fields/quantity-field";

const DECIMALS = 1;
const PERCENT = 100;

/** What was typed is shown again as typed while the same unit is chosen; otherwise the value converted. */
const shownValue = (
  si: number,
  typed: TypedNumber | null,
  unit: { label: string; fromSi: (si: number) => number },
): number => (typed?.unit === unit.label ? typed.value : unit.fromSi(si));

/** Bounds of a range in the unit shown, inside what is allowed. */
function boundsIn(
  [low, high]: readonly [number, number],
  fromSi: (si: number) => number,
): { low: number; high: number } {
  const scale = 10 ** DECIMALS;
  return { low: Math.ceil(fromSi(low) * scale) / scale, high: Math.floor(fromSi(high) * scale) / scale };
}

/** One hour of weather: temperature and wind, in the units chosen. */
export function HourEditor({
  view,
  index,
  preferences,
}: {
  readonly view: OutingView;
  readonly index: number;
  readonly preferences: Preferences;
}) {
  const hour = view.weather[index];
  if (!hour) return null;
  const temperature = TEMPERATURE[preferences.temperature];
  const wind = WIND[preferences.wind];
  const go = (to: number): void => $selection.set({ kind: "hour", index: to });
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-lg font-semibold">
        {m.hour} {clockText(hour.at, view.place.timeZone)}
      </h2>
      <NumberField
        key={`${hour.at} air ${temperature.label}`}
        label={m.airTemperature}
        unit={temperature.label}
        value={shownValue(hour.airTemperatureC, hour.airTemperatureTyped, temperature)}
        {...boundsIn(CONDITION_RANGE.airTemperatureC, temperature.fromSi)}
        step={temperature.step}
        decimals={DECIMALS}
        onChange={(value) =>
          editHour(index, {
            airTemperatureC: temperature.toSi(value),
            airTemperatureTyped: { value, unit: temperature.label },
          })
        }
      />
      <NumberField
        key={`${hour.at} wind ${wind.label}`}
        label={m.windAt10MAboveOpen}
        note={<FieldNote of="windAtTen" />}
        unit={wind.label}
        value={shownValue(hour.windMPerS, hour.windTyped, wind)}
        {...boundsIn(CONDITION_RANGE.windMPerS, wind.fromSi)}
        step={wind.step}
        decimals={DECIMALS}
        onChange={(value) => editHour(index, { windMPerS: wind.toSi(value), windTyped: { value, unit: wind.label } })}
      />
      <div className="flex flex-wrap gap-4">
        <NumberField
          key={`${hour.at} cloud`}
          label={m.cloudTitle}
          note={<FieldNote of="cloud" />}
          unit="%"
          value={(hour.cloudShare ?? 0) * PERCENT}
          low={0}
          high={PERCENT}
          step={10}
          decimals={0}
          onChange={(value) => editHour(index, { cloudShare: value / PERCENT })}
        />
        <QuantityField
          key={`${hour.at} rain`}
          label={m.rainOrSnowAnHourAs}
          note={<FieldNote of="precipitation" />}
          quantity="thickness"
          value={hour.precipitationMm ?? 0}
          range={OUTING_RANGE.precipitationMm}
          onChange={(value) => editHour(index, { precipitationMm: value })}
        />
      </div>
      <p className="text-muted text-sm">
        {hour.cloudShare === null && m.cloudIsNotKnownSkyAnd}
        {m.rainAndSnowWetTheClothes}
      </p>
      <p className="flex gap-2">
        <button type="button" className="press" disabled={index === 0} onClick={() => go(index - 1)}>
          {m.earlierHour}
        </button>
        <button
          type="button"
          className="press"
          disabled={index === view.weather.length - 1}
          onClick={() => go(index + 1)}
        >
          {m.laterHour}
        </button>
      </p>
    </div>
  );
}
