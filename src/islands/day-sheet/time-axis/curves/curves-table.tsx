import * as m from "@/messages";
import { useState } from "react";
import { DIGITS, type Digit } from "@/core/digits";
import { WET_PARTS, type OutingResult } from "@/core/simulation";
import { plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { DIGIT_WORDS, WET_PART_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { ChoiceField } from "../../../fields/choice-field";
import { Dialog } from "../../../page/dialog";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult;
  readonly preferences: Preferences;
  readonly isOpen: boolean;
  readonly onClose: () => void;
};

/** How far apart rows may stand, min. */
const EVERY = ["15", "5", "1"] as const;
const EVERY_WORDS: Readonly<Record<(typeof EVERY)[number], string>> = {
  "15": m.everyQuarterOfAnHour,
  "5": m.everyFiveMinutes,
  "1": m.everyMinute,
};

/** The curves as a table: for those who do not see them, and for who wants the minute. */
export function CurvesTable({ view, result, preferences, isOpen, onClose }: Props) {
  const { series } = result;
  const [every, setEvery] = useState<(typeof EVERY)[number]>("15");
  const step = Number(every);
  const minutes = Array.from({ length: Math.floor(series.minutes / step) + 1 }, (_, row) => row * step);
  const degrees = (digit: Digit, minute: number): string =>
    temperatureText(series.digitC[digit][minute]!, preferences.temperature);
  return (
    <Dialog title={m.theCurvesAsATable} isOpen={isOpen} onClose={onClose} isWide>
      <ChoiceField
        label={m.aRow}
        value={every}
        options={EVERY.map((own) => [own, EVERY_WORDS[own]] as const)}
        onChange={setEvery}
      />
      <div
        className="max-h-[60dvh] overflow-auto pt-2"
        tabIndex={0}
        role="region"
        aria-label={m.curvesARow({ every: EVERY_WORDS[every] })}
      >
        <table className="w-full text-sm">
          <thead className="text-muted text-left">
            <tr>
              <th scope="col" className="pr-3 font-normal">
                {m.at}
              </th>
              {DIGITS.map((digit) => (
                <th key={digit} scope="col" className="pr-3 font-normal">
                  {DIGIT_WORDS[digit]}
                </th>
              ))}
              <th scope="col" className="pr-3 font-normal">
                {m.heatDebtWHM}
              </th>
              {WET_PARTS.map((part) => (
                <th key={part} scope="col" className="pr-3 font-normal">
                  {m.waterPart} {WET_PART_WORDS[part]}
                  {m.gM}
                </th>
              ))}
              <th scope="col" className="pr-3 font-normal">
                {m.air2}
              </th>
              <th scope="col" className="font-normal">
                {m.windPastTheBody2}
              </th>
            </tr>
          </thead>
          <tbody>
            {minutes.map((minute) => (
              <tr key={minute} className="border-line border-t">
                <th scope="row" className="pr-3 text-left font-semibold">
                  {clockText(instantAt(view.startsAt, minute), view.place.timeZone)}
                </th>
                {DIGITS.map((digit) => (
                  <td key={digit} className="pr-3 whitespace-nowrap">
                    {degrees(digit, minute)}
                  </td>
                ))}
                <td className="pr-3">{plainNumber(series.heatDebtWhPerM2[minute]!, 0)}</td>
                {WET_PARTS.map((part) => (
                  <td key={part} className="pr-3">
                    {plainNumber(series.waterGPerM2[part][minute]!, 0)}
                  </td>
                ))}
                <td className="pr-3 whitespace-nowrap">
                  {temperatureText(series.airTemperatureC[minute]!, preferences.temperature, 1)}
                </td>
                <td className="whitespace-nowrap">
                  {windText(series.relativeWindMPerS[minute]!, preferences.wind, 1)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Dialog>
  );
}
