import * as m from "@/messages";
import { useEffect, useState } from "react";
import type { Limit } from "@/core/limits";
import { coldByPiece } from "@/core/logbook";
import { plainNumber } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { quantityText } from "@/formats/display/quantities";
import { dateText, durationText } from "@/formats/display/time";
import { feltWords } from "@/formats/display/words/logbook-words";
import { limitName } from "@/formats/display/words/limit-words";
import { verdictWords } from "@/formats/display/words/sheet-words";
import { logbookCsv } from "@/formats/logbook/logbook-csv";
import { localText } from "@/formats/local-time";
import { saidOf, type LogbookEntry } from "@/formats/wire/logbook/logbook-view";
import type { VerdictLine } from "@/formats/wire/outing/outing-view";
import { sendUnsent } from "@/stores/logbook/note";
import { $preferences } from "@/stores/preferences";
import { Chips } from "../fields/chips";
import { ChoiceField } from "../fields/choice-field";
import { TextField } from "../fields/text-field";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { saveFile } from "../page/save-file";
import { useInitially } from "../page/use-initially";
import { FeltPicture } from "./felt-picture";
import { Learnt } from "./learnt";
import { TemperaturePicture } from "./temperature-picture";

type Props = { readonly entries: readonly LogbookEntry[]; readonly preferences: Preferences };

const EVERYBODY = "";
const EVERY_YEAR = "";
const yearOf = ({ startsAt, timeZone }: LogbookEntry): string => localText(startsAt, timeZone).slice(0, 4);

/** "31 h, the coldest at −22 °C". */
function inSum(entries: readonly LogbookEntry[]): string {
  if (entries.length === 0) return "";
  const coldest = Math.min(...entries.map(({ airTemperatureC }) => airTemperatureC));
  return m.logbookInSum({
    hours: durationText(entries.reduce((sum, { felt }) => sum + felt.minutes, 0)),
    coldest: quantityText("temperature", coldest, 0),
  });
}

/** Whether an entry holds a text: in its names, what was worn, what was written. */
function holds({ name, placeName, personName, pieces, felt }: LogbookEntry, text: string): boolean {
  const all = [
    name,
    placeName,
    personName,
    ...pieces.map((piece) => piece.name),
    felt.changed,
    felt.wentRight,
    felt.words,
  ];
  return all.join("\n").toLowerCase().includes(text.trim().toLowerCase());
}

/** Every sit that was told of: predicted and felt, as a picture, a table, and by piece. */
function Logbook({ entries, preferences }: Props) {
  useInitially(() => $preferences.set(preferences));
  const [person, setPerson] = useState(EVERYBODY);
  const [text, setText] = useState("");
  const [year, setYear] = useState(EVERY_YEAR);
  const [limit, setLimit] = useState<Limit | "">("");
  const [picture, setPicture] = useState<"felt" | "temperature">("felt");
  useEffect(() => {
    void sendUnsent(window.localStorage).then((sent) => {
      if (sent > 0) window.location.reload();
    });
  }, []);
  const people = [...new Map(entries.map(({ personId, personName }) => [personId, personName]))];
  const learntOf = people.find(([id]) => people.length === 1 || id === person);
  const limits = [...new Set(entries.flatMap((entry) => saidOf(entry)?.limit ?? []))];
  const years = [...new Set(entries.map(yearOf))];
  const shown = entries.filter(
    (entry) =>
      (person === EVERYBODY || entry.personId === person) &&
      (year === EVERY_YEAR || yearOf(entry) === year) &&
      (limit === "" || saidOf(entry)?.limit === limit) &&
      holds(entry, text),
  );
  return (
    <OnceAlive>
      <div className="no-print flex flex-wrap items-end gap-4">
        {people.length > 1 && (
          <ChoiceField
            label={m.logbookColumnPerson}
            value={person}
            options={[[EVERYBODY, m.logbookEverybody] as const, ...people]}
            onChange={setPerson}
          />
        )}
        {years.length > 1 && (
          <ChoiceField
            label={m.logbookYear}
            value={year}
            options={[[EVERY_YEAR, m.logbookEveryYear] as const, ...years.map((own) => [own, own] as const)]}
            onChange={setYear}
          />
        )}
        {limits.length > 1 && (
          <ChoiceField<Limit | "">
            label={m.logbookLimit}
            value={limit}
            options={[["", m.logbookEveryLimit] as const, ...limits.map((own) => [own, limitName(own)] as const)]}
            onChange={setLimit}
          />
        )}
        <TextField label={m.logbookSearch} value={text} onChange={setText} />
        <button
          type="button"
          className="press"
          disabled={shown.length === 0}
          onClick={() => saveFile("logbook.csv", "text/csv", logbookCsv(shown))}
        >
          {m.logbookCsv}
        </button>
        <button type="button" className="press" disabled={shown.length === 0} onClick={() => window.print()}>
          {m.logbookPrint}
        </button>
        <a className="press" href="/logbook/bring">
          {m.sitsBring}
        </a>
      </div>
      <p role="status" className="text-muted py-2 text-sm">
        {m.logbookShown({ shown: shown.length, all: entries.length })} {inSum(shown)}
      </p>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
        <div className="flex flex-col gap-2">
          <Chips
            label={m.logbookPicture}
            value={picture}
            options={[
              ["felt", m.logbookPictureFelt],
              ["temperature", m.logbookPictureTemperature],
            ]}
            onChange={(own) => setPicture(own === "temperature" ? own : "felt")}
          />
          {picture === "felt" ? <FeltPicture entries={shown} /> : <TemperaturePicture entries={shown} />}
        </div>
        <div className="flex flex-col gap-6">
          {learntOf ? (
            <Learnt personId={learntOf[0]} personName={learntOf[1]} />
          ) : (
            <p className="text-muted text-sm">{m.learntChoose}</p>
          )}
          <ByPiece entries={shown} />
        </div>
      </div>
      <Sits entries={shown} />
    </OnceAlive>
  );
}

function Sits({ entries }: { readonly entries: readonly LogbookEntry[] }) {
  return (
    <div className="overflow-x-auto pt-4" tabIndex={0} role="region" aria-label={m.logbookTitle}>
      <table className="w-full text-sm max-sm:block" data-testid="logbook-table">
        <thead className="max-sm:hidden">
          <tr className="border-ink border-b text-left">
            {[
              m.logbookColumnOuting,
              m.logbookColumnAirWind,
              m.logbookColumnPredictedWords,
              m.logbookColumnFeltWords,
            ].map((head) => (
              <th key={head} scope="col" className="p-1">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="max-sm:block">
          {entries.map((entry) => (
            <tr key={entry.outingId} className="border-line border-b align-top max-sm:block">
              <th scope="row" className="p-1 text-left font-normal max-sm:block">
                <a className="underline" href={`/outings/${entry.outingId}/after`}>
                  {entry.name}
                </a>
                <span className="text-muted block">
                  {dateText(entry.startsAt, entry.timeZone)} · {entry.personName} · {entry.placeName}
                  {entry.invented && ` ${m.invented}`}
                </span>
              </th>
              <td className="p-1 whitespace-nowrap max-sm:block">
                {quantityText("temperature", entry.airTemperatureC, 0)}, {quantityText("wind", entry.windMPerS, 0)}
              </td>
              <td className="p-1 max-sm:block">
                <Predicted entry={entry} />
              </td>
              <td className="p-1 max-sm:block">
                {feltWords(entry.felt)}
                {entry.hasPhoto && <span className="text-muted"> · {m.notePhotoThere}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** As it was predicted then; of a sit that was brought in, what the model says of it now. */
function Predicted({ entry: { predicted, today } }: { readonly entry: LogbookEntry }) {
  if (predicted)
    return (
      <>
        {verdictWords(predicted)}
        <Range of={predicted} />
      </>
    );
  if (!today) return m.pastSitAsking;
  if (!today.verdict) return m.logbookNoPrediction;
  return (
    <>
      {verdictWords(today.verdict)}
      <Range of={today.verdict} />
      <span className="text-muted block">{m.logbookAfterwards}</span>
    </>
  );
}

/** Where eight cases of ten lay, their upper end perhaps later than was looked at; verdicts of older models have none. */
function Range({ of: verdict }: { readonly of: VerdictLine | null }) {
  if (!verdict || verdict.lowMinutes === null) return null;
  const low = durationText(verdict.lowMinutes);
  return (
    <span className="text-muted block">
      {verdict.highMinutes === null
        ? m.logbookRangeOpen({ low })
        : m.logbookRange({ low, high: durationText(verdict.highMinutes) })}
    </span>
  );
}

const MOST_PIECES = 12;

function ByPiece({ entries }: { readonly entries: readonly LogbookEntry[] }) {
  const told = coldByPiece(entries).slice(0, MOST_PIECES);
  if (told.length === 0) return <p className="text-muted max-w-prose text-sm">{m.logbookNoVotes}</p>;
  return (
    <section aria-labelledby="by-piece">
      <h2 id="by-piece" className="text-lg font-semibold">
        {m.logbookByPiece}
      </h2>
      <p className="text-muted max-w-prose text-sm">{m.logbookByPieceSays}</p>
      <ul>
        {told.map((piece) => (
          <li key={piece.id}>
            {m.logbookColdIn({ name: piece.name, cold: plainNumber(piece.cold, 0), told: plainNumber(piece.told, 0) })}
          </li>
        ))}
      </ul>
    </section>
  );
}

export default guarded(Logbook);
