import * as m from "@/messages";
import { totalMinutes } from "@/core/outing";
import { useState } from "react";
import { temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText, dateText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { ImportedWeather } from "@/formats/weather-import/read-weather";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { undo } from "@/stores/sheet/editing";
import { editContent } from "@/stores/sheet/edits";
import { tell } from "@/stores/told";
import { HoursField } from "../../fields/hours-field";

type Props = { readonly view: OutingView; readonly preferences: Preferences; readonly onDone: () => void };

/** Whether hours reach over the whole outing; beyond them the first and last are held. */
function coverWords(view: OutingView, { hours }: ImportedWeather): string | null {
  const [first, last] = [hours[0], hours.at(-1)];
  if (!first || !last) return null;
  const end = instantAt(view.startsAt, totalMinutes(view.phases));
  if (Date.parse(last.at) < Date.parse(view.startsAt) || Date.parse(first.at) > Date.parse(end)) {
    return m.noneOfTheseHoursFallsInto;
  }
  if (Date.parse(first.at) > Date.parse(view.startsAt)) return m.theyBeginAfterTheOutingDoes;
  if (Date.parse(last.at) < Date.parse(end)) return m.theyEndBeforeTheOutingDoes;
  return null;
}

function Preview({ view, preferences, read }: Omit<Props, "onDone"> & { readonly read: ImportedWeather }) {
  const cover = coverWords(view, read);
  return (
    <>
      {cover && <p className="text-rust-text text-sm">{cover}</p>}
      <ol className="border-line max-h-52 overflow-y-auto border-y text-sm" aria-label={m.hoursRead} tabIndex={0}>
        {read.hours.map((hour) => (
          <li key={hour.at} className="flex gap-6 py-0.5">
            <span>
              {dateText(hour.at, view.place.timeZone)} {clockText(hour.at, view.place.timeZone)}
            </span>
            <span>{temperatureText(hour.airTemperatureC, preferences.temperature, 1)}</span>
            <span>{windText(hour.windMPerS, preferences.wind, 1)}</span>
          </li>
        ))}
      </ol>
    </>
  );
}

/** Weather from elsewhere: pasted or read from a file, looked at, then taken. */
export function WeatherImport({ view, preferences, onDone }: Props) {
  const [read, setRead] = useState<ImportedWeather | null>(null);
  return (
    <div className="flex flex-col gap-3">
      <HoursField timeZone={view.place.timeZone} startsAt={view.startsAt} read={read} onRead={setRead} />
      {read && read.hours.length > 0 && (
        <>
          <Preview view={view} preferences={preferences} read={read} />
          <button
            type="button"
            className="press border-accent self-start"
            onClick={() => {
              editContent(m.importWeather, { weather: read.hours, weatherShaped: false });
              tell(m.hoursOfWeatherTaken({ length: read.hours.length }), undo);
              onDone();
            }}
          >
            {m.takeThese} {read.hours.length} {m.hours}
          </button>
        </>
      )}
    </div>
  );
}
