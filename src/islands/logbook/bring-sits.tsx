import * as m from "@/messages";
import { useMemo, useState } from "react";
import { gridOfText } from "@/formats/any-table/grid";
import { keyOf } from "@/formats/any-table/said";
import { wasDressed } from "@/core/logbook";
import type { Preferences } from "@/formats/display/preferences";
import { quantityText } from "@/formats/display/quantities";
import { dateText } from "@/formats/display/time";
import { feltWords } from "@/formats/display/words/logbook-words";
import { SIT_ROLE_LABELS } from "@/formats/display/words/sit-role-words";
import type { SitMapping } from "@/formats/logbook/from-table/mapping";
import { readSits } from "@/formats/logbook/from-table/read-sits";
import { SIT_ROLES } from "@/formats/logbook/from-table/roles";
import type { KitName, PastSit } from "@/formats/logbook/from-table/sit-table";
import { MOST_PAST_SITS } from "@/formats/wire/logbook/past-sits-schema";
import { bringIn } from "@/stores/logbook/bring-in";
import { keepSitMapping, keptSitMapping } from "@/stores/kept-mappings";
import { messageOf } from "@/stores/message-of";
import { $preferences } from "@/stores/preferences";
import { ChoiceField } from "../fields/choice-field";
import { ColumnMapping } from "../fields/column-mapping";
import { Problem } from "../fields/problem";
import { ToldList } from "../fields/told-list";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { readTableFile } from "../page/read-table-file";
import { useInitially } from "../page/use-initially";
import { PieceNames } from "./piece-names";

type Named = { readonly id: string; readonly name: string };
type Person = Named & {
  readonly pieces: readonly KitName[];
  /** What they wore on outings. */
  readonly worn: readonly (Named & { readonly pieceIds: readonly string[] })[];
};
type Place = Named & { readonly timeZone: string };
type Props = {
  readonly people: readonly Person[];
  readonly places: readonly Place[];
  readonly preferences: Preferences;
};

const NOT_SAID = "";
const MOST_TEXT = 2_000_000;
/** Most people sit down before the sun is up (assumption); a table with times says otherwise. */
const USUAL_CLOCK = "07:00";

const optionsOf = (all: readonly Named[]): (readonly [string, string])[] =>
  all.map(({ id, name }) => [id, name] as const);

/** Years kept in a spreadsheet: what its columns hold is guessed, told, and said otherwise where it is wrong. */
function BringSits({ people, places, preferences }: Props) {
  useInitially(() => $preferences.set(preferences));
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [personId, setPersonId] = useState(people[0]!.id);
  const [placeId, setPlaceId] = useState(places[0]!.id);
  const take = (file: File | undefined): void => {
    if (!file) return;
    setProblem(null);
    readTableFile(file, MOST_TEXT).then(setText, (error: unknown) => setProblem(messageOf(error)));
  };
  return (
    <OnceAlive>
      <div className="flex flex-wrap items-end gap-4">
        <ChoiceField label={m.sitsWhose} value={personId} options={optionsOf(people)} onChange={setPersonId} />
        <ChoiceField label={m.sitsWhereElse} value={placeId} options={optionsOf(places)} onChange={setPlaceId} />
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">{m.aFile}</span>
          <input
            type="file"
            accept=".xlsx,.csv,.tsv,.txt,text/csv,text/plain"
            className="field"
            onChange={(event) => take(event.target.files?.[0])}
          />
        </label>
      </div>
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">{m.orPasteItHere}</span>
        <textarea
          className="field min-h-28 font-mono text-sm"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <Problem words={problem} />
      {text.trim() !== "" && (
        <Table
          key={personId}
          text={text}
          person={people.find(({ id }) => id === personId)!}
          placeId={placeId}
          places={places}
          preferences={preferences}
        />
      )}
    </OnceAlive>
  );
}

type TableProps = Pick<Props, "places" | "preferences"> & {
  readonly text: string;
  readonly person: Person;
  readonly placeId: string;
};

function Table({ text, person, placeId, places, preferences }: TableProps) {
  const [mapping, setMapping] = useState<SitMapping>(keptSitMapping);
  const [wornAs, setWornAs] = useState(NOT_SAID);
  const [told, setTold] = useState<{ readonly words: string; readonly isProblem: boolean } | null>(null);
  const { temperature, wind } = preferences;
  const read = useMemo(
    () =>
      readSits(gridOfText(text), mapping, {
        pieces: person.pieces,
        usuallyWorn: person.worn.find(({ id }) => id === wornAs)?.pieceIds ?? [],
        places,
        person,
        placeId,
        usualClock: USUAL_CLOCK,
        temperature,
        wind,
      }),
    [text, mapping, person, places, placeId, temperature, wind, wornAs],
  );
  const sits = read.sits.slice(0, MOST_PAST_SITS);
  const lanes = new Map(person.pieces.map(({ id, lane }) => [id, lane]));
  const bare = sits.filter(({ pieceIds }) => !wasDressed(pieceIds.map((id) => ({ lane: lanes.get(id)! })))).length;
  const take = async (): Promise<void> => {
    keepSitMapping(mapping);
    try {
      const { kept, known } = await bringIn(person.id, sits);
      setTold({ words: m.sitsBroughtIn({ kept, known }), isProblem: false });
    } catch (error) {
      setTold({ words: messageOf(error), isProblem: true });
    }
  };
  return (
    <>
      <ColumnMapping
        columns={read.columns}
        options={SIT_ROLES.toReversed().map((role) => [role, SIT_ROLE_LABELS[role]] as const)}
        onSay={(head, role) => setMapping({ ...mapping, roles: { ...mapping.roles, [keyOf(head)]: role } })}
      />
      <PieceNames
        names={read.names}
        pieces={person.pieces}
        onSay={(name, pieceId) => setMapping({ ...mapping, pieces: { ...mapping.pieces, [keyOf(name)]: pieceId } })}
      />
      <ChoiceField
        label={m.sitsWornElse}
        value={wornAs}
        options={[[NOT_SAID, m.sitsNotSaid] as const, ...optionsOf(person.worn)]}
        onChange={setWornAs}
      />
      <p role="status" data-testid="sits-preview">
        {m.sitsCanBeBrought({ count: sits.length })}
        {read.sits.length > sits.length && ` ${m.sitsAreTooMany({ most: MOST_PAST_SITS })}`}
        {bare > 0 && ` ${m.sitsBare({ bare })}`}
      </p>
      <Preview sits={sits} places={places} />
      <ToldList title={m.whatCannotBeRead} told={read.problems} isProblem />
      <ToldList title={m.understoodSoTitle} told={read.notes} />
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="press border-accent border-2 font-semibold"
          disabled={sits.length === 0}
          onClick={() => void take()}
        >
          {m.sitsTake({ count: sits.length })}
        </button>
        <a className="press" href="/logbook">
          {m.logbookTitle}
        </a>
        <p role={told?.isProblem ? "alert" : "status"} className={told?.isProblem ? "text-cranberry" : "text-muted"}>
          {told?.words ?? ""}
        </p>
      </div>
    </>
  );
}

const SHOWN = 8;

/** The first sits as they were understood. */
function Preview({ sits, places }: { readonly sits: readonly PastSit[]; readonly places: readonly Place[] }) {
  if (sits.length === 0) return null;
  const zoneOf = (id: string): string => places.find((place) => place.id === id)!.timeZone;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.sitsAsUnderstood}>
      <table className="text-sm">
        <tbody>
          {sits.slice(0, SHOWN).map((sit) => (
            <tr key={sit.line} className="border-line border-b align-top">
              <th scope="row" className="p-1 text-left font-normal whitespace-nowrap">
                {dateText(sit.startsAt, zoneOf(sit.placeId))}
              </th>
              <td className="p-1">{sit.name}</td>
              <td className="p-1 whitespace-nowrap">
                {quantityText("temperature", sit.airTemperatureC, 0)}, {quantityText("wind", sit.windMPerS, 0)}
              </td>
              <td className="p-1">{feltWords(sit.felt)}</td>
              <td className="p-1 whitespace-nowrap">{m.sitsPieces({ count: sit.pieceIds.length })}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

export default guarded(BringSits);
