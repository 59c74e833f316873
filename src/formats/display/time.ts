const MINUTES_PER_HOUR = 60;

/** "3 h 05", "45 min". */
export function durationText(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < MINUTES_PER_HOUR) return `${whole} min`;
  return `${Math.floor(whole / MINUTES_PER_HOUR)} h ${String(whole % MINUTES_PER_HOUR).padStart(2, "0")}`;
}

const LOCALE = "en-GB";

/** Formatters by zone: making one takes longer than a hundred uses. */
const clocks = new Map<string, Intl.DateTimeFormat>();

/** Wall time of an instant in a zone, "05:50". */
export function clockText(instant: string | number, timeZone: string): string {
  const known =
    clocks.get(timeZone) ??
    new Intl.DateTimeFormat(LOCALE, { hour: "2-digit", minute: "2-digit", hourCycle: "h23", timeZone });
  clocks.set(timeZone, known);
  return known.format(new Date(instant));
}

/** "Sat 27 March 2027" in a zone. */
export const dateText = (instant: string | number, timeZone: string): string =>
  new Intl.DateTimeFormat(LOCALE, { weekday: "short", day: "numeric", month: "long", year: "numeric", timeZone })
    .format(new Date(instant))
    .replace(",", "");
