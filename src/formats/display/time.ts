import * as m from "@/messages";
import { MINUTES_PER_DAY, MINUTES_PER_HOUR, MS_PER_DAY } from "@/core/units";
import type { FirstDay } from "./preferences";
import { shownAs } from "./style";

/** "3 h 05", "45 min". */
export function durationText(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < MINUTES_PER_HOUR) return m.min({ rest: whole });
  return m.hoursAndMinutes({
    hours: Math.floor(whole / MINUTES_PER_HOUR),
    minutes: String(whole % MINUTES_PER_HOUR).padStart(2, "0"),
  });
}

/** Nearer than this, hours and minutes are told. */
const DAYS_FROM_MINUTES = 2 * MINUTES_PER_DAY;

/** How long until something: "35 min", "3 h 05", "12 days". */
export const untilText = (minutes: number): string =>
  minutes < DAYS_FROM_MINUTES ? durationText(minutes) : m.days({ minutes: Math.round(minutes / MINUTES_PER_DAY) });

const LOCALE = m.localeOfDates;

/** Formatters by zone: making one takes longer than a hundred uses. */
const formatterBy = (options: Intl.DateTimeFormatOptions): ((timeZone: string) => Intl.DateTimeFormat) => {
  const known = new Map<string, Intl.DateTimeFormat>();
  return (timeZone) => {
    const formatter = known.get(timeZone) ?? new Intl.DateTimeFormat(LOCALE, { ...options, timeZone });
    known.set(timeZone, formatter);
    return formatter;
  };
};

const clockIn = formatterBy({ hour: "2-digit", minute: "2-digit", hourCycle: "h23" });
const clockOf12In = formatterBy({ hour: "numeric", minute: "2-digit", hourCycle: "h12" });
const dateIn = formatterBy({ weekday: "short", day: "numeric", month: "long", year: "numeric" });

/** Wall time of an instant in a zone, "05:50" or "5:50 am". */
export const clockText = (instant: string | number, timeZone: string): string =>
  (shownAs().clock === "12" ? clockOf12In : clockIn)(timeZone).format(new Date(instant));

/** "Sat 27 March 2027" in a zone. */
export const dateText = (instant: string | number, timeZone: string): string =>
  dateIn(timeZone).format(new Date(instant)).replace(",", "");

const dayIn = formatterBy({ year: "numeric", month: "numeric", day: "numeric" });
/** The first day of 1970 was a Thursday: so many days before it a week had begun that starts on this day. */
const DAYS_INTO_WEEK: Readonly<Record<FirstDay, number>> = { monday: 3, sunday: 4, saturday: 5 };
const DAYS_PER_WEEK = 7;

/** Weeks since 1970 of an instant's day in a zone, begun on the first day that is preferred. */
function weekOf(instant: string | number, timeZone: string): number {
  const parts = new Map(
    dayIn(timeZone)
      .formatToParts(new Date(instant))
      .map(({ type, value }) => [type, Number(value)]),
  );
  const days = Date.UTC(parts.get("year")!, parts.get("month")! - 1, parts.get("day")!) / MS_PER_DAY;
  return Math.floor((days + DAYS_INTO_WEEK[shownAs().firstDay]) / DAYS_PER_WEEK);
}

/** Whether two instants lie in the same week of a place. */
export const areInOneWeek = (one: string | number, other: string | number, timeZone: string): boolean =>
  weekOf(one, timeZone) === weekOf(other, timeZone);
