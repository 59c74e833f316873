import * as m from "@/messages";
import { CONDITION_RANGE } from "@/core/sitter";
import { OUTING_RANGE } from "@/core/outing";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { TEMPERATURE, WIND } from "@/formats/display/units";
import type { OutingView, WeatherHourView } from "@/formats/wire/outing/outing-view";
import { editHour } from "@/stores/sheet/edits";
import { CellField } from "../../fields/cell-field";

const PERCENT = 100;

type Props = { readonly view: OutingView; readonly preferences: Preferences };

function Row({ view, preferences, hour, index }: Props & { readonly hour: WeatherHourView; readonly index: number }) {
  const temperature = TEMPERATURE[preferences.temperature];
  const wind = WIND[preferences.wind];
  const clock = clockText(hour.at, view.place.timeZone);
  const [coldest, warmest] = CONDITION_RANGE.airTemperatureC;
  return (
    <tr className="border-line border-t">
      <th scope="row" className="py-1 pr-4 text-left font-semibold">
        {clock}
      </th>
      <td>
        <CellField
          label={m.airTemperatureAt({ clock })}
          value={temperature.fromSi(hour.airTemperatureC)}
          low={temperature.fromSi(coldest)}
          high={temperature.fromSi(warmest)}
          decimals={1}
          onChange={(value) =>
            editHour(index, {
              airTemperatureC: temperature.toSi(value),
              airTemperatureTyped: { value, unit: temperature.label },
            })
          }
        />
      </td>
      <td>
        <CellField
          label={m.windAt({ clock })}
          value={wind.fromSi(hour.windMPerS)}
          low={0}
          high={wind.fromSi(CONDITION_RANGE.windMPerS[1])}
          decimals={1}
          onChange={(value) => editHour(index, { windMPerS: wind.toSi(value), windTyped: { value, unit: wind.label } })}
        />
      </td>
      <td>
        <CellField
          label={m.humidityAt({ clock })}
          value={hour.relativeHumidityPercent}
          low={0}
          high={PERCENT}
          decimals={0}
          onChange={(relativeHumidityPercent) => editHour(index, { relativeHumidityPercent })}
        />
      </td>
      <td>
        <CellField
          label={m.cloudAt({ clock })}
          value={hour.cloudShare === null ? null : hour.cloudShare * PERCENT}
          low={0}
          high={PERCENT}
          decimals={0}
          onChange={(value) => editHour(index, { cloudShare: value / PERCENT })}
        />
      </td>
      <td>
        <CellField
          label={m.rainOrSnowAt({ clock })}
          value={hour.precipitationMm}
          low={0}
          high={OUTING_RANGE.precipitationMm[1]}
          decimals={1}
          onChange={(precipitationMm) => editHour(index, { precipitationMm })}
        />
      </td>
    </tr>
  );
}

/** All hours as a table: the alternative to the chart, and the quickest way to type a day. */
export function WeatherTable({ view, preferences }: Props) {
  return (
    <div className="overflow-x-auto">
      {view.weatherShaped && <p className="text-accent-text pb-2 text-sm">{m.theseHoursWereShapedFromA}</p>}
      <table className="border-separate border-spacing-x-1 text-sm">
        <thead className="text-muted text-left">
          <tr>
            <th scope="col" className="pr-4 font-normal">
              {m.at}
            </th>
            <th scope="col" className="pr-3 font-normal">
              {m.airPart} {TEMPERATURE[preferences.temperature].label}
            </th>
            <th scope="col" className="pr-3 font-normal">
              {m.windAt10MPart} {WIND[preferences.wind].label}
            </th>
            <th scope="col" className="pr-3 font-normal">
              {m.humidity}
            </th>
            <th scope="col" className="pr-3 font-normal">
              {m.cloud2}
            </th>
            <th scope="col" className="font-normal">
              {m.rainOrSnowMmH}
            </th>
          </tr>
        </thead>
        <tbody>
          {view.weather.map((hour, index) => (
            <Row key={hour.at} view={view} preferences={preferences} hour={hour} index={index} />
          ))}
        </tbody>
      </table>
    </div>
  );
}
