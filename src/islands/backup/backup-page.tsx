import * as m from "@/messages";
import { useState } from "react";
import { dateText } from "@/formats/display/time";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import type { Restored } from "@/formats/wire/restored";
import { ask } from "@/stores/ask";
import { OnceAlive } from "../page/once-alive";
import { SaveBackup } from "./save-backup";
import { guarded } from "../page/guarded";

type Props = { readonly outings: readonly OutingLine[]; readonly removed: readonly OutingLine[] };

const restoredWords = ({ outings, keptOutings, leftOut }: Restored): string =>
  m.restoredOutings({ count: outings }) +
  (keptOutings > 0 ? m.wereHereAlreadyAndStayedAs({ keptOutings }) : ".") +
  (leftOut.length > 0 ? m.theFileWasWrittenWithout({ leftOut: leftOut.join("; ") }) : "");

function Restore() {
  const [told, setTold] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const restore = async (text: string): Promise<void> => {
    setTold(m.reading);
    setProblem(null);
    try {
      const value: unknown = JSON.parse(text);
      const restored = await ask<Restored>("/api/backup", "POST", value);
      setTold(restoredWords(restored));
    } catch (error) {
      setTold(null);
      setProblem(error instanceof SyntaxError ? m.thisFileIsNotJsonTake : (error as Error).message);
    }
  };
  return (
    <section aria-labelledby="restore" className="flex flex-col gap-2">
      <h2 id="restore" className="text-xl font-semibold">
        {m.restoreOrTakeInAnOuting}
      </h2>
      <p className="text-muted">{m.aBackupOrTheFileOf}</p>
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">{m.aFileMadeByBackupOr}</span>
        <input
          type="file"
          accept=".json,application/json"
          className="field self-start"
          onChange={(event) => void event.target.files?.[0]?.text().then(restore)}
        />
      </label>
      <p role="status" data-testid="restored">
        {told}
      </p>
      {problem && (
        <p role="alert" className="text-cranberry">
          {problem}
        </p>
      )}
    </section>
  );
}

type LineProps = { readonly outing: OutingLine; readonly isRemoved: boolean; readonly onChanged: () => void };

function Line({ outing, isRemoved, onChanged }: LineProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const change = async (): Promise<void> => {
    setProblem(null);
    try {
      if (isRemoved) await ask(`/api/outings/${outing.id}/back`, "POST");
      else await ask(`/api/outings/${outing.id}`, "DELETE");
      onChanged();
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <li className="border-line flex flex-wrap items-center justify-between gap-2 border-b py-1">
      <span>
        <strong>{outing.name}</strong>{" "}
        <span className="text-muted text-sm">
          {outing.personName} · {dateText(outing.startsAt, outing.timeZone)}
        </span>
        {problem && (
          <span role="alert" className="text-cranberry">
            {" "}
            {problem}
          </span>
        )}
      </span>
      <span className="flex gap-2">
        <a className="press press-small inline-flex items-center" href={`/api/outings/${outing.id}/export`} download>
          {m.exportWords}
          <span className="sr-only"> {outing.name}</span>
        </a>
        <button type="button" className="press press-small" onClick={() => void change()}>
          {isRemoved ? m.haveItBack : m.remove}
          <span className="sr-only"> {outing.name}</span>
        </button>
      </span>
    </li>
  );
}

/** Everything as one file and back, outings one by one, and those that were removed. */
function BackupPage({ outings: atFirst, removed: removedAtFirst }: Props) {
  const [outings, setOutings] = useState(atFirst);
  const [removed, setRemoved] = useState(removedAtFirst);
  const without = (lines: readonly OutingLine[], id: string): OutingLine[] => lines.filter((own) => own.id !== id);
  const take = (outing: OutingLine): void => {
    setOutings(without(outings, outing.id));
    setRemoved([outing, ...removed]);
  };
  const giveBack = (outing: OutingLine): void => {
    setRemoved(without(removed, outing.id));
    setOutings([...outings, outing].sort((one, other) => one.startsAt.localeCompare(other.startsAt)));
  };
  return (
    <OnceAlive>
      <div className="flex max-w-3xl flex-col gap-8 pt-5">
        <div>
          <h1 className="text-2xl font-semibold">{m.backup}</h1>
          <p className="text-muted">{m.everythingInOneFilePeoplePlaces}</p>
          <SaveBackup />
        </div>
        <Restore />
        <section aria-labelledby="outings-here">
          <h2 id="outings-here" className="text-xl font-semibold">
            {m.outingsHere}
          </h2>
          <p className="text-muted">{m.anExportHoldsOneOutingWith}</p>
          <ul>
            {outings.map((outing) => (
              <Line key={outing.id} outing={outing} isRemoved={false} onChanged={() => take(outing)} />
            ))}
          </ul>
        </section>
        <section aria-labelledby="removed">
          <h2 id="removed" className="text-xl font-semibold">
            {m.removedOutings}
          </h2>
          {removed.length === 0 && <p className="text-muted">{m.noneTitle}</p>}
          <ul>
            {removed.map((outing) => (
              <Line key={outing.id} outing={outing} isRemoved onChanged={() => giveBack(outing)} />
            ))}
          </ul>
        </section>
      </div>
    </OnceAlive>
  );
}

export default guarded(BackupPage);
