import * as m from "@/messages";
import { HELD_PAST_PLAN_MINUTES } from "@/core/limits";
import type { ReachMap } from "@/charts/reach-chart";
import { temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { durationText } from "@/formats/display/time";

type Props = { readonly map: ReachMap; readonly plannedMinutes: number; readonly preferences: Preferences };

/** All cells in figures: a row a temperature, a column a wind. */
export function ReachTable({ map, plannedMinutes, preferences: { temperature, wind } }: Props) {
  const { airTemperaturesC, windsMPerS, cells } = map;
  const longest = m.reachLongerThan({ duration: durationText(plannedMinutes + HELD_PAST_PLAN_MINUTES) });
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.reachTable}>
      <table className="text-sm">
        <caption className="text-muted text-left">&gt; {longest}</caption>
        <thead>
          <tr className="border-line text-muted border-b text-right">
            <td></td>
            {windsMPerS.map((own) => (
              <th key={own} scope="col" className="px-2 py-1 font-normal whitespace-nowrap">
                {windText(own, wind, 1)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {airTemperaturesC.map((air, row) => (
            <tr key={air} className="border-line border-b text-right tabular-nums">
              <th scope="row" className="text-muted pr-2 font-normal whitespace-nowrap">
                {temperatureText(air, temperature)}
              </th>
              {windsMPerS.map((own, column) => {
                const { minutesStill } = cells[row * windsMPerS.length + column]!;
                return (
                  <td key={own} className="px-2 py-0.5 whitespace-nowrap">
                    {minutesStill === null ? ">" : durationText(minutesStill)}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
