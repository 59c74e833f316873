import * as m from "@/messages";
import { useState } from "react";
import { readSeasonFile } from "@/formats/season-weather/read-season-file";
import type { Told } from "@/formats/table/read-table";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $source, placeOf, type SeasonSource } from "@/stores/season/season";
import { OneOf } from "../fields/one-of";
import { ToldList } from "../fields/told-list";
import { readTextFile } from "../page/read-text-file";

type Props = { readonly view: OutingView; readonly source: SeasonSource };

const ANYWHERE = { name: "", latitudeDeg: 0, longitudeDeg: 0, timeZone: "UTC" } as const;

/** Where the year's hours come from. */
export function SourceForm({ view, source }: Props) {
  const [problems, setProblems] = useState<readonly Told[]>([]);
  const [asksFile, setAsksFile] = useState(source.kind === "file");
  const take = async (file: File): Promise<void> => {
    const place = placeOf(view);
    const text = await readTextFile(file);
    const read = readSeasonFile(text, place ?? { ...ANYWHERE, name: view.place.name });
    setProblems(read.ok ? [] : read.problems);
    if (read.ok) $source.set({ kind: "file", name: file.name, weather: read.weather, notes: read.notes });
  };
  return (
    <div className="flex flex-col gap-2">
      <OneOf
        label={m.seasonWeather}
        value={asksFile ? "file" : "invented"}
        options={[
          ["invented", m.seasonSourceInvented],
          ["file", m.seasonSourceFile],
        ]}
        onChoose={(kind) => {
          setAsksFile(kind === "file");
          if (kind === "invented" && source.kind === "file") $source.set({ kind: "invented", seed: 0 });
        }}
      />
      {!asksFile && (
        <button
          type="button"
          className="press self-start"
          onClick={() => $source.set({ kind: "invented", seed: source.kind === "invented" ? source.seed + 1 : 0 })}
        >
          {m.seasonOtherYear}
        </button>
      )}
      {asksFile && (
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">{m.seasonFile}</span>
          <input
            type="file"
            accept=".epw,.csv,.txt,.json"
            className="field w-full"
            onChange={({ target }) => target.files?.[0] && void take(target.files[0])}
          />
        </label>
      )}
      {asksFile && source.kind === "file" && (
        <p className="text-sm">
          {m.seasonFileRead({
            name: source.name,
            hours: source.weather.hours.length,
            site: source.weather.site.name,
          })}
        </p>
      )}
      <ToldList title={m.seasonFileProblems} told={problems} isProblem />
      {asksFile && source.kind === "file" && <ToldList title={m.seasonFileNotes} told={source.notes} />}
    </div>
  );
}
