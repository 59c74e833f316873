import * as m from "@/messages";
import { type FirstDay } from "./preferences";

/** Names as the language of dates has them. */
const LOCALE = m.localeOfDates;
const monthIn = new Intl.DateTimeFormat(LOCALE, { month: "long", timeZone: "UTC" });
const monthOfYearIn = new Intl.DateTimeFormat(LOCALE, { month: "long", year: "numeric", timeZone: "UTC" });
const weekdayIn = new Intl.DateTimeFormat(LOCALE, { weekday: "long", timeZone: "UTC" });
const shortWeekdayIn = new Intl.DateTimeFormat(LOCALE, { weekday: "short", timeZone: "UTC" });
const dateIn = new Intl.DateTimeFormat(LOCALE, { weekday: "short", day: "numeric", month: "long", timeZone: "UTC" });

const ANY_YEAR = 2023;
/** 1 January 2023 was a Sunday. */
const onWeekday = (weekday: number): Date => new Date(Date.UTC(ANY_YEAR, 0, 1 + weekday));
const FIRST_WEEKDAY: Readonly<Record<FirstDay, number>> = { monday: 1, sunday: 0, saturday: 6 };

/** @param month 1 … 12 */
export const monthName = (month: number): string => monthIn.format(new Date(Date.UTC(ANY_YEAR, month - 1, 1)));
/** @param month "2027-01" */
export const monthOfYear = (month: string): string => monthOfYearIn.format(new Date(`${month}-01T00:00:00Z`));
/** @param weekday 0 Sunday … 6 Saturday */
export const weekdayName = (weekday: number): string => weekdayIn.format(onWeekday(weekday));
export const shortWeekdayName = (weekday: number): string => shortWeekdayIn.format(onWeekday(weekday));
/** @param date "2027-01-10", whatever the zone */
export const calendarDateText = (date: string): string => dateIn.format(new Date(`${date}T00:00:00Z`));
/** Weekdays in the order weeks are shown in, 0 Sunday … 6 Saturday. */
export const daysOfWeek = (firstDay: FirstDay): number[] =>
  Array.from({ length: 7 }, (_, index) => (FIRST_WEEKDAY[firstDay] + index) % 7);
