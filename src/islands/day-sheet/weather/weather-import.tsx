import { totalMinutes } from "@/core/outing";
import { useId, useState } from "react";
import { temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText, dateText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import { readWeather, type ImportedWeather } from "@/formats/weather-import/read-weather";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { editContent } from "@/stores/sheet/edits";
import { readTextFile } from "../../page/read-text-file";
import { ToldList } from "../../fields/told-list";

type Props = { readonly view: OutingView; readonly preferences: Preferences; readonly onDone: () => void };

const MOST_BYTES = 500_000;

/** Whether hours reach over the whole outing; beyond them the first and last are held. */
function coverWords(view: OutingView, { hours }: ImportedWeather): string | null {
  const [first, last] = [hours[0], hours.at(-1)];
  if (!first || !last) return null;
  const end = instantAt(view.startsAt, totalMinutes(view.phases));
  if (Date.parse(last.at) < Date.parse(view.startsAt) || Date.parse(first.at) > Date.parse(end)) {
    return "None of these hours falls into the outing. Check the date.";
  }
  if (Date.parse(first.at) > Date.parse(view.startsAt))
    return "They begin after the outing does: the first is held before.";
  if (Date.parse(last.at) < Date.parse(end)) return "They end before the outing does: the last is held beyond.";
  return null;
}

function Preview({ view, preferences, read }: Omit<Props, "onDone"> & { readonly read: ImportedWeather }) {
  const cover = coverWords(view, read);
  return (
    <>
      {cover && <p className="text-rust-text text-sm">{cover}</p>}
      <ol className="border-line max-h-52 overflow-y-auto border-y text-sm" aria-label="Hours read" tabIndex={0}>
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
  const id = useId();
  const [text, setText] = useState("");
  const [fileProblem, setFileProblem] = useState<string | null>(null);
  const read = text.trim() === "" ? null : readWeather(text, view.place.timeZone);
  const take = (file: File | undefined): void => {
    if (!file) return;
    const isTooLarge = file.size > MOST_BYTES;
    setFileProblem(isTooLarge ? "The file is too large to be hours of weather." : null);
    if (!isTooLarge) void readTextFile(file).then(setText);
  };
  return (
    <div className="flex flex-col gap-3">
      <p className="text-muted text-sm">
        CSV with a head, or a JSON list: <code>time</code>, <code>airTemperatureC</code>, <code>windMPerS</code>, and if
        known <code>relativeHumidityPercent</code>, <code>cloudPercent</code>, <code>precipitationMm</code>. Times
        without an offset are clock times of {view.place.timeZone}.
      </p>
      <label htmlFor={id} className="text-muted text-sm">
        Paste hours
      </label>
      <textarea
        id={id}
        rows={6}
        className="field font-mono text-sm"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <label className="text-sm">
        <span className="text-muted">or read a file </span>
        <input
          type="file"
          accept=".csv,.json,.txt,text/csv,application/json"
          onChange={(event) => take(event.target.files?.[0])}
        />
      </label>
      {fileProblem && (
        <p role="alert" className="text-cranberry text-sm">
          {fileProblem}
        </p>
      )}
      {read && <ToldList title="Left out:" told={read.problems} isProblem />}
      {read && <ToldList title="Understood so:" told={read.notes} />}
      {read && read.hours.length > 0 && (
        <>
          <Preview view={view} preferences={preferences} read={read} />
          <button
            type="button"
            className="press border-accent self-start"
            onClick={() => {
              editContent("import weather", { weather: read.hours, weatherShaped: false });
              onDone();
            }}
          >
            Take these {read.hours.length} hours
          </button>
        </>
      )}
    </div>
  );
}
