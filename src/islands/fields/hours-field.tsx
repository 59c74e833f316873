import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useId, useState } from "react";
import { WEATHER_COLUMN_KEYS, WEATHER_COLUMNS, type WeatherColumn } from "@/formats/weather-import/columns";
import { keyOf } from "@/formats/any-table/said";
import type { WeatherMapping } from "@/formats/weather-import/mapping";
import { readWeather, type ImportedWeather } from "@/formats/weather-import/read-weather";
import { keepWeatherMapping, keptWeatherMapping } from "@/stores/kept-mappings";
import { $preferences } from "@/stores/preferences";
import { readTableFile } from "../page/read-table-file";
import { ColumnMapping } from "./column-mapping";
import { ToldList } from "./told-list";

const MOST_BYTES = 4_000_000;

type Props = {
  readonly timeZone: string;
  /** When the outing starts, so far as it is known: days without a year and times without a day are those near it. */
  readonly startsAt: string | undefined;
  /** What is read so far; `null` where nothing was given. */
  readonly read: ImportedWeather | null;
  readonly onRead: (read: ImportedWeather | null) => void;
};

/** Hours of weather from elsewhere: pasted or read from a file, and what could be made of them. */
export function HoursField({ timeZone, startsAt, read, onRead }: Props) {
  const id = useId();
  const { temperature, wind, clock } = useStore($preferences);
  const [text, setText] = useState("");
  const [mapping, setMapping] = useState<WeatherMapping>(keptWeatherMapping);
  const [fileProblem, setFileProblem] = useState<string | null>(null);
  const show = (next: string, said: WeatherMapping = mapping): void => {
    setText(next);
    // Whoever reads °F and a clock of twelve hours writes the month before the day.
    const habits = { temperature, wind, isMonthFirst: temperature === "F" && clock === "12" };
    onRead(next.trim() === "" ? null : readWeather(next, { timeZone, startsAt, habits, mapping: said }));
  };
  const say = (head: string, column: WeatherColumn | ""): void => {
    const said = { ...mapping, [keyOf(head)]: column };
    setMapping(said);
    keepWeatherMapping(said);
    show(text, said);
  };
  const take = (file: File | undefined): void => {
    if (!file) return;
    setFileProblem(null);
    readTableFile(file, MOST_BYTES).then(show, (error: Error) => setFileProblem(error.message));
  };
  return (
    <div className="flex flex-col gap-3">
      <p className="text-muted text-sm">
        {m.anyTableWithATimeThe} {MOST_BYTES / 1_000_000} {m.mbTimesWithoutAnOffsetAre} {timeZone.replaceAll("_", " ")}.
      </p>
      <label htmlFor={id} className="text-muted text-sm">
        {m.pasteHours}
      </label>
      <textarea
        id={id}
        rows={6}
        className="field font-mono text-sm"
        value={text}
        onChange={(event) => show(event.target.value)}
      />
      <label className="text-sm">
        <span className="text-muted">{m.orReadAFile} </span>
        <input
          type="file"
          accept=".csv,.tsv,.json,.txt,.xlsx,text/csv,application/json"
          onChange={(event) => take(event.target.files?.[0])}
        />
      </label>
      {fileProblem && (
        <p role="alert" className="text-cranberry text-sm">
          {fileProblem}
        </p>
      )}
      {read && read.columns.length > 0 && (
        <ColumnMapping
          columns={read.columns.map(({ head, column, example }) => ({ head, role: column, example }))}
          options={WEATHER_COLUMN_KEYS.map((key) => [key, WEATHER_COLUMNS[key].words] as const)}
          onSay={say}
        />
      )}
      {read && <ToldList title={m.leftOutTitle} told={read.problems} isProblem />}
      {read && <ToldList title={m.understoodSo} told={read.notes} />}
    </div>
  );
}
