import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useMemo, useState } from "react";
import { gridOfText } from "@/formats/any-table/grid";
import type { DecimalMark } from "@/formats/any-table/numbers";
import { guessedMark, isOwnFormat, MOST_KIT_TEXT } from "@/formats/kit-file/read-kit";
import { keyOf } from "@/formats/any-table/said";
import type { KitMapping } from "@/formats/kit-from-table/mapping";
import { MASS_UNITS, type MassUnit } from "@/formats/kit-from-table/mass";
import { readKitRows } from "@/formats/kit-from-table/read-rows";
import { KIT_ROLES, type KitRole } from "@/formats/kit-from-table/roles";
import { pieceOfRow } from "@/formats/kit-from-table/to-piece";
import { MOST_PIECES_AT_ONCE } from "@/formats/wire/kit/kit-schema";
import { keepKitMapping, keptKitMapping } from "@/stores/kept-mappings";
import { $preferences } from "@/stores/preferences";
import { ChoiceField } from "../../fields/choice-field";
import { ColumnMapping } from "../../fields/column-mapping";
import { ToldList } from "../../fields/told-list";
import { readTableFile } from "../../page/read-table-file";
import { ListRows } from "./list-rows";
import { OwnFormat } from "./own-format";
import { useAdding } from "./use-adding";
import { Problem } from "../../fields/problem";

const ROLE_WORDS: Readonly<Record<KitRole, string>> = {
  name: m.itsName,
  kind: m.whatItIsOrWhere,
  mass: m.itsMass,
  insulation: m.figureOfWarmth,
  price: m.itsPrice,
  currency: "currency",
  count: m.howMany,
  wear: m.howWorn,
  note: m.aNote,
};
const MARK_WORDS: readonly (readonly [DecimalMark, string])[] = [
  ["point", m.aPoint65],
  ["comma", m.aComma65],
];

type ListProps = { readonly text: string; readonly onDone: () => void };

/** Any list of clothes: what its columns hold and its rows are, guessed, told, and said otherwise where it is wrong. */
function AnyList({ text, onDone }: ListProps) {
  const { currency } = useStore($preferences);
  const [mapping, setMapping] = useState<KitMapping>(keptKitMapping);
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const { add, problem } = useAdding(onDone);
  const read = useMemo(() => readKitRows(gridOfText(text), mapping, currency), [text, mapping, currency]);
  const say = (part: Partial<KitMapping>): void => setMapping({ ...mapping, ...part });
  const asked = read.rows.filter(({ kind }) => kind === null).length;
  const pieces = read.rows.filter(({ line }) => !left.has(line)).flatMap((row) => pieceOfRow(row) ?? []);
  const take = (): void => {
    keepKitMapping(mapping);
    void add(pieces);
  };
  return (
    <>
      <ColumnMapping
        columns={read.columns}
        options={KIT_ROLES.toReversed().map((role) => [role, ROLE_WORDS[role]] as const)}
        onSay={(head, role) => say({ roles: { ...mapping.roles, [keyOf(head)]: role } })}
      />
      <div className="flex flex-wrap items-end gap-4">
        {read.columns.some(({ role }) => role === "mass") && (
          <ChoiceField<MassUnit>
            label={read.isMassUnitAsked ? m.massesWithoutAUnitAreIn : m.massesWithoutAUnitAreInTitle}
            value={read.massUnit}
            options={MASS_UNITS.map((unit) => [unit, unit] as const)}
            onChange={(massUnit) => say({ massUnit })}
          />
        )}
        {read.mark !== null && (
          <ChoiceField
            label={m.decimalsAreWrittenWith}
            value={read.mark}
            options={MARK_WORDS}
            onChange={(mark) => say({ mark })}
          />
        )}
      </div>
      <p role="status" data-testid="list-preview">
        {m.piecesCanBeAdded({ count: pieces.length })}
        {asked > 0 && m.waitForYouToSay({ asked })}.
      </p>
      {read.rows.length > 0 && (
        <ListRows
          rows={read.rows}
          left={left}
          onKind={(name, kind) => say({ kinds: { ...mapping.kinds, [keyOf(name)]: kind } })}
          onLeave={(line, isLeft) => {
            const next = new Set(left);
            if (isLeft) next.add(line);
            else next.delete(line);
            setLeft(next);
          }}
        />
      )}
      <ToldList title={m.whatCannotBeRead} told={read.problems} isProblem />
      <ToldList title={m.understoodSoTitle} told={read.notes} />
      <button
        type="button"
        className="press border-accent self-start border-2 font-semibold"
        disabled={pieces.length === 0}
        onClick={take}
      >
        {m.add} {pieces.length} {m.toTheKit}
      </button>
      <Problem words={problem} />
    </>
  );
}

/** Pieces from a list of one's own: a spreadsheet, cells pasted, or a file of Umiak's. */
export function FromList({ onDone }: { readonly onDone: () => void }) {
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const take = (file: File | undefined): void => {
    if (!file) return;
    setProblem(null);
    readTableFile(file, MOST_KIT_TEXT).then(setText, (error: Error) => setProblem(error.message));
  };
  return (
    <div className="flex flex-col gap-4">
      <p className="text-muted text-sm">
        {m.anyListWillDoWithWhatever} {MOST_KIT_TEXT / 1_000_000} {m.mbAnd} {MOST_PIECES_AT_ONCE}{" "}
        {m.piecesOrCellsCopiedFromA}
      </p>
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">{m.aFile}</span>
        <input
          type="file"
          accept=".xlsx,.csv,.tsv,.txt,.json,text/csv,text/plain,application/json"
          className="field"
          onChange={(event) => take(event.target.files?.[0])}
        />
      </label>
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">{m.orPasteItHere}</span>
        <textarea
          className="field min-h-20 font-mono text-sm"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <Problem words={problem} />
      {text.trim() !== "" &&
        (isOwnFormat(text) ? (
          <OwnFormat key={text} text={text} initialMark={guessedMark(text)} onDone={onDone} />
        ) : (
          <AnyList text={text} onDone={onDone} />
        ))}
    </div>
  );
}
