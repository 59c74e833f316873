import * as m from "@/messages";
import { useState } from "react";
import { dayKind, DAY_KINDS, daysOf, summaryOf, type DayKind, type SeasonDay } from "@/core/season";
import { MINUTES_PER_HOUR } from "@/core/units";
import { monthOfYear } from "@/formats/display/calendar-words";
import { plainNumber } from "@/formats/display/numbers";
import { quantityText } from "@/formats/display/quantities";
import { limitName } from "@/formats/display/words/limit-words";
import { seasonCsv } from "@/formats/season/season-csv";
import { lostBy, monthsOf } from "@/formats/season/season-tables";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import type { Found } from "@/stores/season/season";
import { saveFile } from "../page/save-file";
import { ChosenDay } from "./chosen-day";
import { SeasonCalendar } from "./season-calendar";
import { SeasonOfKitFound } from "./season-of-kit";

/** Whole hours: of what is not quite all, all is not said. */
const hours = (minutes: number): string => plainNumber(Math.floor(minutes / MINUTES_PER_HOUR), 0);
const percent = (share: number): string => `${plainNumber(100 * share, 0)} %`;

type Props = { readonly view: OutingView; readonly found: Found };

/** What a season comes to: said, as a calendar, month by month. */
export function SeasonFound({ view, found }: Props) {
  const { days, habit, withoutWeather, isInvented } = found;
  const [chosen, setChosen] = useState<SeasonDay | null>(null);
  const summary = summaryOf(days, habit.wantedMinutes);
  if (days.length === 0) return <p role="status">{m.seasonNoDays({ without: withoutWeather })}</p>;
  return (
    <div className="flex flex-col gap-4">
      {isInvented && <p className="border-accent border-l-4 px-3 text-sm">{m.seasonInvented}</p>}
      <p className="text-xl" data-testid="season-summary">
        {m.seasonCovered({ covered: summary.covered, outings: summary.outings, share: percent(summary.coveredShare) })}{" "}
        {m.seasonHours({ sat: hours(summary.satMinutes), wanted: hours(summary.wantedMinutes) })}{" "}
        {summary.coldestServedC !== null &&
          m.seasonColdest({ temperature: quantityText("temperature", summary.coldestServedC) })}
      </p>
      <ul className="text-sm">
        {lostBy(summary).map(([limit, count]) => (
          <li key={limit}>{m.seasonLostTo({ count, limit: limitName(limit) })}</li>
        ))}
        <li>{m.seasonKinds(kindsOf(view, found))}</li>
        {withoutWeather > 0 && <li>{m.seasonWithout({ count: withoutWeather })}</li>}
        <li className="text-muted">{m.seasonSingleRuns}</li>
      </ul>
      <SeasonCalendar days={days} wantedMinutes={habit.wantedMinutes} chosen={chosen} onChoose={setChosen} />
      <ChosenDay view={view} found={found} day={chosen} />
      <MonthTable days={days} wantedMinutes={habit.wantedMinutes} />
      <button
        type="button"
        className="press no-print self-start"
        onClick={() => saveFile("season.csv", "text/csv", seasonCsv(days))}
      >
        {m.seasonCsvButton}
      </button>
      {found.ofKit && <SeasonOfKitFound view={view} ofKit={found.ofKit} days={days} />}
    </div>
  );
}

/** How many days of each kind of sky there are. */
function kindsOf(view: OutingView, { weather, habit }: Found): Readonly<Record<DayKind, number>> {
  const kinds = daysOf(viewToOuting(view), weather, habit).days.map(({ outing }) => dayKind(outing.weather[0]!));
  return Object.fromEntries(DAY_KINDS.map((kind) => [kind, kinds.filter((own) => own === kind).length])) as Record<
    DayKind,
    number
  >;
}

const MonthTable = ({
  days,
  wantedMinutes,
}: {
  readonly days: readonly SeasonDay[];
  readonly wantedMinutes: number;
}) => (
  <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.seasonByMonth}>
    <table className="text-sm tabular-nums">
      <caption className="text-left text-lg font-semibold">{m.seasonByMonth}</caption>
      <thead>
        <tr className="border-line text-muted border-b text-right">
          {[m.seasonMonth, m.seasonOutings, m.seasonCoveredHead, m.seasonHoursHead, m.seasonMostlyLost].map(
            (head, column) => (
              <th key={head} scope="col" className={`px-2 py-1 font-normal ${column === 0 ? "text-left" : ""}`}>
                {head}
              </th>
            ),
          )}
        </tr>
      </thead>
      <tbody>
        {monthsOf(days, wantedMinutes).map(({ month, summary }) => {
          const [most] = lostBy(summary);
          return (
            <tr key={month} className="border-line border-b text-right">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                {monthOfYear(month)}
              </th>
              <td className="px-2">{summary.outings}</td>
              <td className="px-2">{summary.covered}</td>
              <td className="px-2">
                {m.seasonSome({ some: hours(summary.satMinutes), all: hours(summary.wantedMinutes) })}
              </td>
              <td className="px-2">{most ? limitName(most[0]) : ""}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  </div>
);
