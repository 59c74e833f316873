import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { Fragment, useEffect } from "react";
import type { Preferences } from "@/formats/display/preferences";
import { quantityText } from "@/formats/display/quantities";
import { durationText } from "@/formats/display/time";
import { reachAnswerWords } from "@/formats/display/words/reach-words";
import { doorCsv, type DoorPiece, type DoorRow } from "@/formats/door/door-rows";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $door, computeDoor } from "@/stores/door/door-table";
import { $preferences } from "@/stores/preferences";
import { plannedMinutesOf } from "@/stores/reach/reach";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { saveFile } from "../page/save-file";
import { useInitially } from "../page/use-initially";

type Props = { readonly view: OutingView; readonly preferences: Preferences };

/** The table to hang by the door: what to wear at which temperature, in calm air and in wind. */
function Door({ view, preferences: fromCookie }: Props) {
  useInitially(() => $preferences.set(fromCookie));
  const { temperature } = useStore($preferences);
  const state = useStore($door);
  useEffect(() => void computeDoor(view, temperature), [view, temperature]);
  const planned = plannedMinutesOf(view);
  return (
    <OnceAlive>
      <div className="flex flex-col gap-3 pt-5">
        <h1 className="text-2xl font-semibold">{m.doorTitleOf({ name: view.person.name })}</h1>
        <p className="text-muted max-w-prose text-sm">
          {m.doorSays({ name: view.name, duration: durationText(planned) })}{" "}
          <a className="no-print underline" href={`/outings/${view.id}`}>
            {m.backToSheet}
          </a>
        </p>
        {state.kind === "computing" && (
          <>
            <p role="status" className="text-muted text-sm">
              {m.seasonComputing({ percent: Math.floor(100 * state.doneShare) })}
            </p>
            <progress className="w-full" value={state.doneShare} aria-label={m.doorTitle} />
          </>
        )}
        {state.kind === "failed" && (
          <p role="alert" className="text-cranberry">
            {m.seasonFailed({ message: state.message })}
          </p>
        )}
        {state.kind === "found" && <Table columns={state.columns} plannedMinutes={planned} />}
        <p className="border-cranberry border-l-4 px-3 text-sm">{m.doorCaution}</p>
      </div>
    </OnceAlive>
  );
}

type TableProps = { readonly columns: readonly (readonly DoorRow[])[]; readonly plannedMinutes: number };

function Table({ columns, plannedMinutes }: TableProps) {
  const rows = columns[0]!.map((_, row) => columns.map((column) => column[row]!));
  return (
    <>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.doorTitle}>
        <table className="w-full text-sm max-sm:block" data-testid="door-table">
          <thead className="max-sm:hidden">
            <tr className="border-ink border-b text-left">
              <th scope="col" className="p-1">
                {m.doorAir}
              </th>
              {columns.map(([first], column) => (
                <th key={first!.windMPerS} scope="col" className="p-1">
                  {windWords(column, first!)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="max-sm:block">
            {rows.map((cells) => (
              <tr key={cells[0]!.airTemperatureC} className="border-line border-b align-top max-sm:block">
                <th scope="row" className="p-1 text-left text-lg whitespace-nowrap max-sm:block">
                  {quantityText("temperature", cells[0]!.airTemperatureC, 0)}
                </th>
                {cells.map((cell, column) => (
                  <td key={cell.windMPerS} className="p-1 max-sm:block">
                    <p className="text-muted sm:hidden">{windWords(column, cell)}</p>
                    <Cell cell={cell} plannedMinutes={plannedMinutes} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-muted text-sm">{m.doorBold}</p>
      <div className="no-print flex gap-3">
        <button type="button" className="press" onClick={() => window.print()}>
          {m.doorPrint}
        </button>
        <button type="button" className="press" onClick={() => saveFile("door.csv", "text/csv", doorCsv(columns))}>
          {m.reachCsv}
        </button>
      </div>
    </>
  );
}

/** "calm, 1 m/s" */
const windWords = (column: number, { windMPerS }: DoorRow): string =>
  (column === 0 ? m.doorCalm : m.doorWind)({ wind: quantityText("wind", windMPerS, 0) });

function Cell({ cell, plannedMinutes }: { readonly cell: DoorRow; readonly plannedMinutes: number }) {
  if (cell.fromStart.length + cell.atSeat.length + cell.onWay.length === 0) return <p>{m.doorNothing}</p>;
  return (
    <>
      <p className="font-semibold">{reachAnswerWords(cell, plannedMinutes)}</p>
      <dl>
        <Pieces title={m.doorWalkIn} pieces={cell.fromStart} />
        <Pieces title={m.doorPutOn} pieces={cell.atSeat} />
        <Pieces title={m.doorTakeOff} pieces={cell.onWay} />
      </dl>
    </>
  );
}

function Pieces({ title, pieces }: { readonly title: string; readonly pieces: readonly DoorPiece[] }) {
  if (pieces.length === 0) return null;
  return (
    <div>
      <dt className="text-muted inline">{title}: </dt>
      <dd className="inline">
        {pieces.map(({ name, isNew }, place) => (
          <Fragment key={name + place}>
            {place > 0 && "; "}
            {isNew ? <strong>{name}</strong> : name}
          </Fragment>
        ))}
      </dd>
    </div>
  );
}

export default guarded(Door);
