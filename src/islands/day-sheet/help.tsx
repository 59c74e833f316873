import * as m from "@/messages";
import { Dialog } from "../page/dialog";

type Props = { readonly isOpen: boolean; readonly onClose: () => void };

const MOUSE: readonly (readonly [string, string])[] = [
  [m.weather, m.dragAnHoursPointUpOr],
  [m.phases, m.dragTheEdgeBetweenTwoPress],
  [m.clothes, m.dragABarByItsEnds],
  [m.anyMinute, m.dragOverTheCurvesTheSitter],
  [m.whatBuysMinutesTitle, m.tryDrawsTheChangeBesideThe],
];
const KEYS: readonly (readonly [string, string])[] = [
  [m.tab, m.fromPartToPartEnterOpens],
  ["↑ ↓", m.onAnHourTheAirWith],
  ["← →", m.onAPhaseItsLengthOn],
  [m.deleteWords, m.onAPieceLeaveItOff],
  [m.pgupPgdn, m.onTheKnobUnderTheCurves],
  [m.ctrlZCtrlShiftZ, m.takeBackDoAgain],
];

/** Short help: how the sheet is worked, by hand and by keys. */
export function Help({ isOpen, onClose }: Props) {
  return (
    <Dialog title={m.howTheSheetWorks} isOpen={isOpen} onClose={onClose}>
      <dl className="flex flex-col gap-2 text-sm">
        {MOUSE.map(([what, how]) => (
          <div key={what}>
            <dt className="font-semibold">{what}</dt>
            <dd className="text-muted">{how}</dd>
          </div>
        ))}
      </dl>
      <p className="pt-3 text-sm">
        {m.whatTheWordsMean}{" "}
        <a className="underline" href="/glossary">
          {m.allOfThemOnAPage}
        </a>
        {m.andBesideEachThatIsUnderlined}
      </p>
      <h3 className="border-line mt-4 border-t pt-3 font-semibold">{m.byKeys}</h3>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
        {KEYS.map(([keys, does]) => (
          <div key={keys} className="contents">
            <dt className="font-semibold">{keys}</dt>
            <dd className="text-muted">{does}</dd>
          </div>
        ))}
      </dl>
      <p className="text-muted mt-4 text-sm">{m.aDragSnapsTo5Minutes}</p>
    </Dialog>
  );
}
