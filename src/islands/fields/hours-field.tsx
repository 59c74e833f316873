import { useId, useState } from "react";
import { readWeather, type ImportedWeather } from "@/formats/weather-import/read-weather";
import { readTextFile } from "../page/read-text-file";
import { ToldList } from "./told-list";

const MOST_BYTES = 500_000;

type Props = {
  readonly timeZone: string;
  /** What is read so far; `null` where nothing was given. */
  readonly read: ImportedWeather | null;
  readonly onRead: (read: ImportedWeather | null) => void;
};

/** Hours of weather from elsewhere: pasted or read from a file, and what could be made of them. */
export function HoursField({ timeZone, read, onRead }: Props) {
  const id = useId();
  const [text, setText] = useState("");
  const [fileProblem, setFileProblem] = useState<string | null>(null);
  const show = (next: string): void => {
    setText(next);
    onRead(next.trim() === "" ? null : readWeather(next, timeZone));
  };
  const take = (file: File | undefined): void => {
    if (!file) return;
    const isTooLarge = file.size > MOST_BYTES;
    setFileProblem(isTooLarge ? "The file is too large to be hours of weather." : null);
    if (!isTooLarge) void readTextFile(file).then(show);
  };
  return (
    <div className="flex flex-col gap-3">
      <p className="text-muted text-sm">
        CSV with a head, or a JSON list: <code>time</code>, <code>airTemperatureC</code>, <code>windMPerS</code>, and if
        known <code>relativeHumidityPercent</code>, <code>cloudPercent</code>, <code>precipitationMm</code>. Times
        without an offset are clock times of {timeZone}.
      </p>
      <label htmlFor={id} className="text-muted text-sm">
        Paste hours
      </label>
      <textarea
        id={id}
        rows={6}
        className="field font-mono text-sm"
        value={text}
        onChange={(event) => show(event.target.value)}
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
    </div>
  );
}
