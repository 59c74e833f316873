import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";
import { TZDate } from "@date-fns/tz";

const LOCAL = /^(\d{4})-(\d{2})-(\d{2})[T ](\d{2}):(\d{2})(?::\d{2})?$/;
const WITH_OFFSET = /(?:Z|[+-]\d{2}:?\d{2})$/;

/**
 * The instant of a time as people write it: with an offset as it says, without one as a wall clock of the zone.
 * @returns ISO 8601 in UTC; `null` where it is no time
 */
export function instantOf(text: string, timeZone: string): string | null {
  const trimmed = text.trim();
  if (WITH_OFFSET.test(trimmed)) {
    const ms = Date.parse(trimmed);
    return Number.isNaN(ms) ? null : new Date(ms).toISOString();
  }
  const parts = LOCAL.exec(trimmed)?.slice(1).map(Number);
  if (!parts) return null;
  const [year, month, day, hour, minute] = parts as [number, number, number, number, number];
  const date = new TZDate(year, month - 1, day, hour, minute, timeZone);
  const isThatDay = date.getMonth() === month - 1 && date.getDate() === day;
  return isThatDay && hour < 24 && minute < 60 ? new Date(date.getTime()).toISOString() : null;
}

/** What a wall clock does at a time without an offset. */
export type ClockChange =
  | { readonly kind: "none" }
  /** The clock goes forward over it: nobody's clock shows it. */
  | { readonly kind: "skipped" }
  /** The clock goes back over it: it is shown twice, at these instants. */
  | { readonly kind: "twice"; readonly first: string; readonly again: string };

/** What clocks do at a time as people write it. @param instant what `instantOf` made of the text */
export function clockChangeAt(text: string, instant: string, timeZone: string): ClockChange {
  const trimmed = text.trim();
  if (WITH_OFFSET.test(trimmed)) return { kind: "none" };
  const shown = trimmed.slice(0, "2027-01-15T06:30".length).replace(" ", "T");
  if (localText(instant, timeZone) !== shown) return { kind: "skipped" };
  const later = (hours: number): string => new Date(Date.parse(instant) + hours * MS_PER_HOUR).toISOString();
  const isShown = (other: string): boolean => localText(other, timeZone) === shown;
  if (isShown(later(1))) return { kind: "twice", first: instant, again: later(1) };
  return isShown(later(-1)) ? { kind: "twice", first: later(-1), again: instant } : { kind: "none" };
}

/** An instant as an `input` of type datetime-local shows it in a zone. */
export function localText(instant: string, timeZone: string): string {
  const date = new TZDate(Date.parse(instant), timeZone);
  const two = (value: number): string => String(value).padStart(2, "0");
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}`;
}

/** Midnight of the day an instant lies in by a zone's clock, as a number of days. */
const dayOf = (instant: string, timeZone: string): number => {
  const date = new TZDate(Date.parse(instant), timeZone);
  return Date.UTC(date.getFullYear(), date.getMonth(), date.getDate()) / MS_PER_DAY;
};

/** Days of the calendar from one instant to another by a zone's clock: 0 on the same day. */
export const daysBetween = (from: string, to: string, timeZone: string): number =>
  dayOf(to, timeZone) - dayOf(from, timeZone);
