const MINUTES_PER_HOUR = 60;

/** "3 h 05", "45 min". */
export function durationText(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < MINUTES_PER_HOUR) return `${whole} min`;
  return `${Math.floor(whole / MINUTES_PER_HOUR)} h ${String(whole % MINUTES_PER_HOUR).padStart(2, "0")}`;
}

const LOCALE = "en-GB";

/** Wall time of an instant in a zone, "05:50". */
export const clockText = (instant: string | number, timeZone: string): string =>
  new Intl.DateTimeFormat(LOCALE, { hour: "2-digit", minute: "2-digit", hourCycle: "h23", timeZone }).format(
    new Date(instant),
  );

/** "Sat 27 March 2027" in a zone. */
export const dateText = (instant: string | number, timeZone: string): string =>
  new Intl.DateTimeFormat(LOCALE, { weekday: "short", day: "numeric", month: "long", year: "numeric", timeZone })
    .format(new Date(instant))
    .replace(",", "");
