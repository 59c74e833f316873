import * as m from "@/messages";
import { memo, useState } from "react";
import { DIGITS } from "@/core/digits";
import type { OutingResult } from "@/core/simulation";
import { plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { DIGIT_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { drawnFrom } from "../drawn-from";
import { late } from "../../page/late";

const CurvesTable = late(() => import("./curves/curves-table").then((module) => module.CurvesTable));

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult;
  readonly minute: number;
  readonly preferences: Preferences;
};

function Figures({ view, result, minute, preferences }: Props) {
  const { series } = result;
  const [isTable, setTable] = useState(false);
  const at = Math.min(minute, series.minutes);
  const clock = clockText(instantAt(view.startsAt, at), view.place.timeZone);
  const rows: [string, string][] = [
    ...DIGITS.map((digit): [string, string] => [
      DIGIT_WORDS[digit],
      temperatureText(series.digitC[digit][at]!, preferences.temperature),
    ]),
    [m.heatDebt, `${plainNumber(series.heatDebtWhPerM2[at]!, 0)} W·h/m²`],
    [m.shivering, `${plainNumber(series.shiveringWPerM2[at]!, 0)} W/m²`],
    [m.trunk, temperatureText(series.trunkC[at]!, preferences.temperature, 1)],
    [m.air2, temperatureText(series.airTemperatureC[at]!, preferences.temperature, 1)],
    [m.windPastTheBody2, windText(series.relativeWindMPerS[at]!, preferences.wind, 1)],
  ];
  return (
    <section aria-label={m.stateAtAMinute} className="border-line own-layer flex flex-col gap-1 border-t pt-3">
      <h2 className="text-lg font-semibold">
        {m.atTitle} {clock}
      </h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-sm">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-muted">{name}</dt>
            <dd className="text-right">{value}</dd>
          </div>
        ))}
      </dl>
      <button type="button" className="press press-small no-print self-start" onClick={() => setTable(true)}>
        {m.allMinutesAsATable}
      </button>
      {isTable && (
        <CurvesTable view={view} result={result} preferences={preferences} isOpen onClose={() => setTable(false)} />
      )}
    </section>
  );
}

/** The state at one minute, in figures. */
export const ReadOut = memo(Figures, drawnFrom<Props>("startsAt", "place"));
