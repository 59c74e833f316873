import { DIGITS, type Digit } from "@/core/digits";
import { WET_PARTS, type OutingResult } from "@/core/simulation";
import { plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { DIGIT_WORDS, WET_PART_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { Dialog } from "../../../page/dialog";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult;
  readonly preferences: Preferences;
  readonly isOpen: boolean;
  readonly onClose: () => void;
};

const EVERY_MINUTES = 15;

/** The curves as a table, a row every quarter of an hour: for those who do not see them. */
export function CurvesTable({ view, result, preferences, isOpen, onClose }: Props) {
  const { series } = result;
  const minutes = Array.from(
    { length: Math.floor(series.minutes / EVERY_MINUTES) + 1 },
    (_, row) => row * EVERY_MINUTES,
  );
  const degrees = (digit: Digit, minute: number): string =>
    temperatureText(series.digitC[digit][minute]!, preferences.temperature);
  return (
    <Dialog title="The curves as a table" isOpen={isOpen} onClose={onClose} isWide>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Curves, a row every quarter of an hour">
        <table className="w-full text-sm">
          <thead className="text-muted text-left">
            <tr>
              <th scope="col" className="pr-3 font-normal">
                at
              </th>
              {DIGITS.map((digit) => (
                <th key={digit} scope="col" className="pr-3 font-normal">
                  {DIGIT_WORDS[digit]}
                </th>
              ))}
              <th scope="col" className="pr-3 font-normal">
                heat debt, W·h/m²
              </th>
              {WET_PARTS.map((part) => (
                <th key={part} scope="col" className="pr-3 font-normal">
                  water, {WET_PART_WORDS[part]}, g/m²
                </th>
              ))}
              <th scope="col" className="pr-3 font-normal">
                air
              </th>
              <th scope="col" className="font-normal">
                wind past the body
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
