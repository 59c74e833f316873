import { DIGITS, type Digit } from "@/core/digits";
import type { OutingResult } from "@/core/outing";
import { plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing-view";
import { $readMinute } from "@/stores/day-sheet";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult;
  readonly minute: number;
  readonly preferences: Preferences;
};

const DIGIT_WORDS: Readonly<Record<Digit, string>> = {
  leftFingers: "left fingers",
  rightFingers: "right fingers",
  leftToes: "left toes",
  rightToes: "right toes",
  nose: "nose",
  cheeks: "cheeks",
  ears: "ears",
};

/** The state at one minute, in figures. */
export function ReadOut({ view, result, minute, preferences }: Props) {
  const { series } = result;
  const at = Math.min(minute, series.minutes);
  const clock = clockText(instantAt(view.startsAt, at), view.place.timeZone);
  const rows: [string, string][] = [
    ...DIGITS.map((digit): [string, string] => [
      DIGIT_WORDS[digit],
      temperatureText(series.digitC[digit][at]!, preferences.temperature),
    ]),
    ["heat debt", `${plainNumber(series.heatDebtWhPerM2[at]!, 0)} W·h/m²`],
    ["shivering", `${plainNumber(series.shiveringWPerM2[at]!, 0)} W/m²`],
    ["trunk", temperatureText(series.trunkC[at]!, preferences.temperature, 1)],
    ["air", temperatureText(series.airTemperatureC[at]!, preferences.temperature, 1)],
    ["wind past the body", windText(series.relativeWindMPerS[at]!, preferences.wind, 1)],
  ];
  return (
    <section aria-label="State at a minute" className="flex flex-col gap-2">
      <label className="flex flex-col gap-1">
        <span>
          <strong>{clock}</strong> <span className="text-muted text-sm">move to read any minute</span>
        </span>
        <input
          type="range"
          className="accent-accent h-8 w-full"
          min={0}
          max={series.minutes}
          value={at}
          aria-valuetext={clock}
          onChange={(event) => $readMinute.set(Number(event.target.value))}
        />
      </label>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-sm">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-muted">{name}</dt>
            <dd className="text-right">{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
