import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import type { SeasonDay } from "@/core/season";
import { MINUTES_PER_HOUR } from "@/core/units";
import { calendarDateText, daysOfWeek, monthOfYear, shortWeekdayName } from "@/formats/display/calendar-words";
import { quantityText } from "@/formats/display/quantities";
import { durationText } from "@/formats/display/time";
import { reachLimitWords } from "@/formats/display/words/reach-words";
import { monthsOf, weeksOf } from "@/formats/season/season-tables";
import { $preferences } from "@/stores/preferences";

type Props = {
  readonly days: readonly SeasonDay[];
  readonly wantedMinutes: number;
  readonly chosen: SeasonDay | null;
  readonly onChoose: (day: SeasonDay) => void;
};

/** How a day goes, said beside its date. */
export function dayWords(day: SeasonDay): string {
  const weather = {
    temperature: quantityText("temperature", day.airTemperatureC),
    wind: quantityText("wind", day.windMPerS, 1),
  };
  if (day.minutesStill === null) return m.seasonDayLonger(weather);
  const limit = reachLimitWords(day);
  return m.seasonDayEnds({ ...weather, duration: durationText(day.minutesStill), limit });
}

/** Colours of a day: as long as wanted, most of it, less. */
function lookOf({ isCovered, minutesStill }: SeasonDay, wantedMinutes: number): string {
  if (isCovered) return "bg-moss/35";
  return (minutesStill ?? 0) * 2 >= wantedMinutes ? "bg-rust/35" : "bg-cranberry/35";
}

/** A month beside the other: every day of the habit with how long it lasts. */
export function SeasonCalendar({ days, wantedMinutes, chosen, onChoose }: Props) {
  const { firstDay } = useStore($preferences);
  const weekdays = daysOfWeek(firstDay);
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-4" data-testid="season-calendar">
      {monthsOf(days, wantedMinutes).map(({ month, days: own }) => (
        <table key={month} className="text-sm">
          <caption className="text-left font-semibold">{monthOfYear(month)}</caption>
          <thead>
            <tr>
              {weekdays.map((weekday) => (
                <th key={weekday} scope="col" className="text-muted w-11 font-normal">
                  {shortWeekdayName(weekday)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {weeksOf(month, weekdays[0]!).map((week, row) => (
              <tr key={row}>
                {week.map((date, column) => {
                  const day = own.find((each) => Number(each.date.slice(-2)) === date);
                  return (
                    <td key={column} className="p-0.5 text-center align-top">
                      {day ? (
                        <button
                          type="button"
                          aria-pressed={day === chosen}
                          aria-label={`${calendarDateText(day.date)}: ${dayWords(day)}`}
                          className={`flex min-h-11 w-11 flex-col items-center justify-center rounded border ${lookOf(day, wantedMinutes)} ${day === chosen ? "border-accent border-2" : "border-line"}`}
                          onClick={() => onChoose(day)}
                        >
                          <span className="text-xs">{date}</span>
                          <span className="text-xs font-semibold tabular-nums">{shortDuration(day)}</span>
                        </button>
                      ) : (
                        <span className="text-muted text-xs">{date}</span>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </div>
  );
}

/** "2:35", or ">" where it is longer than was looked at: there is no room for more. */
const shortDuration = ({ minutesStill }: SeasonDay): string =>
  minutesStill === null
    ? ">"
    : `${Math.floor(minutesStill / MINUTES_PER_HOUR)}:${String(minutesStill % MINUTES_PER_HOUR).padStart(2, "0")}`;
