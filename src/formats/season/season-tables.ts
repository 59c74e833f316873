import { summaryOf, type SeasonDay, type SeasonSummary } from "@/core/season";
import type { Limit } from "@/core/limits";

/** What a month comes to. */
export type SeasonMonth = {
  readonly month: string;
  readonly days: readonly SeasonDay[];
  readonly summary: SeasonSummary;
};

const MONTH_LENGTH = "2027-01".length;

/** Months of a season in their order. @returns `month` as "2027-01" */
export function monthsOf(days: readonly SeasonDay[], wantedMinutes: number): SeasonMonth[] {
  const months = [...new Set(days.map(({ date }) => date.slice(0, MONTH_LENGTH)))].sort();
  return months.map((month) => {
    const own = days.filter(({ date }) => date.startsWith(month));
    return { month, days: own, summary: summaryOf(own, wantedMinutes) };
  });
}

/** What ends the days that are lost, what ends most of them first. */
export const lostBy = ({ lostTo }: SeasonSummary): readonly (readonly [Limit, number])[] =>
  (Object.entries(lostTo) as [Limit, number][]).sort(([, one], [, other]) => other - one);

/** Weeks of a month, each of seven days of the month or `null`, from the first day of the week on. @param month "2027-01" */
export function weeksOf(month: string, firstWeekday: number): (number | null)[][] {
  const [year, number] = month.split("-").map(Number) as [number, number];
  const before = (new Date(Date.UTC(year, number - 1, 1)).getUTCDay() - firstWeekday + 7) % 7;
  const count = new Date(Date.UTC(year, number, 0)).getUTCDate();
  const cells = Array.from({ length: Math.ceil((before + count) / 7) * 7 }, (_, index) => {
    const day = index - before + 1;
    return day >= 1 && day <= count ? day : null;
  });
  return Array.from({ length: cells.length / 7 }, (_, week) => cells.slice(week * 7, week * 7 + 7));
}
