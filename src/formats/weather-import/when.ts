import { MINUTES_PER_DAY, MINUTES_PER_HOUR, MS_PER_MINUTE } from "@/core/units";
import { localText } from "../local-time";

// Days and times as tables of the world write them, made into what `instantOf` reads.

/** A day as far as it is told. */
type Day = { readonly year: number | null; readonly month: number; readonly day: number };
type Clock = { readonly hour: number; readonly minute: number };
/** What a cell tells of when; an instant where it tells all. */
export type When = { readonly day: Day | null; readonly clock: Clock | null; readonly offset: string };

const MONTHS = "jan feb mar apr may jun jul aug sep oct nov dec".split(" ");
/** Months that begin otherwise in Norwegian, Danish, Swedish and German. */
const OTHER_MONTHS: Readonly<Record<string, number>> = { mai: 5, maj: 5, okt: 10, des: 12, dez: 12, mär: 3, mrz: 3 };
const monthOf = (name: string): number | null => {
  const short = name.slice(0, 3).toLowerCase();
  return OTHER_MONTHS[short] ?? (MONTHS.includes(short) ? MONTHS.indexOf(short) + 1 : null);
};

const OFFSET = /\s*(Z|UTC|GMT|[+-]\d{2}:?\d{2})$/i;
const CLOCK = /(?:^|[ T,])(?:kl\.? ?)?(\d{1,2})[:.](\d{2})(?:[:.]\d{2}(?:\.\d+)?)?\s*([ap])?\.?m?\.?(?: uhr)?$/i;
const WHOLE_HOUR = /(?:^|[ T,])(?:kl\.? ?)?(\d{1,2})\s*(?:([ap])\.?m\.?|h|uhr|00)$/i;
const COMPACT = /^(\d{4})(\d{2})(\d{2})[T ]?(\d{2})(\d{2})?(?:\d{2})?$/;
const YEAR_FIRST = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/;
const NUMBERS_ONLY = /^(\d{1,2})[-/.](\d{1,2})(?:[-/.](\d{2}|\d{4}))?\.?$/;
const DAY_FIRST_NAME = /^(\d{1,2})\.?[ -](\p{L}{3,9})\.?(?:[ ,-]+(\d{2}|\d{4}))?$/u;
const MONTH_FIRST_NAME = /^(\p{L}{3,9})\.? (\d{1,2})(?:st|nd|rd|th)?(?:,? (\d{4}))?$/u;
const WEEKDAY =
  /^(?:mon|tue|wed|thu|fri|sat|sun|man|tir|ons|tor|fre|lør|lor|søn|son|mo|di|mi|do|fr|sa|so)\p{L}*\.?,? +/iu;
const CENTURY = 2000;

/** Until the year 2033 seconds begin with a one; what begins with 20 is a year with month, day and hour. */
const SECONDS = /^1\d{9}$/;
const MILLISECONDS = /^1\d{12}$/;
/** Days since the last day of 1899, as spreadsheets count them; these are the years 1982 to 2064. */
const SHEET_DAYS = /^[3-5]\d{4}(?:\.\d+)?$/;
const SHEET_EPOCH_DAYS_BEFORE_1970 = 25_569;
const MS_PER_S = 1000;

const fullYear = (text: string | undefined): number | null =>
  text === undefined ? null : Number(text) + (text.length === 2 ? CENTURY : 0);

function dayIn(text: string, isMonthFirst: boolean): Day | null {
  const iso = YEAR_FIRST.exec(text);
  if (iso) return { year: Number(iso[1]), month: Number(iso[2]), day: Number(iso[3]) };
  const plain = NUMBERS_ONLY.exec(text);
  if (plain) {
    const [first, second] = [Number(plain[1]), Number(plain[2])];
    return isMonthFirst
      ? { year: fullYear(plain[3]), month: first, day: second }
      : { year: fullYear(plain[3]), month: second, day: first };
  }
  const named = DAY_FIRST_NAME.exec(text);
  const month = monthOf(named?.[2] ?? "");
  if (named && month !== null) return { year: fullYear(named[3]), month, day: Number(named[1]) };
  const american = MONTH_FIRST_NAME.exec(text);
  const other = monthOf(american?.[1] ?? "");
  return american && other !== null ? { year: fullYear(american[3]), month: other, day: Number(american[2]) } : null;
}

function clockIn(text: string): { readonly clock: Clock; readonly rest: string } | null {
  const found = CLOCK.exec(text) ?? WHOLE_HOUR.exec(text);
  if (!found) return null;
  const isMinuted = found.length === 4;
  const half = (isMinuted ? found[3] : found[2])?.toLowerCase();
  const told = Number(found[1]);
  const hour = half === undefined ? told : (told % 12) + (half === "p" ? 12 : 0);
  return {
    clock: { hour, minute: isMinuted ? Number(found[2]) : 0 },
    rest: text.slice(0, found.index).replace(/[ ,T]+$/, ""),
  };
}

/** Reads what a cell tells of day and time. @returns `null` where it tells neither */
export function readWhen(cell: string, isMonthFirst: boolean): When | null {
  const text = cell.trim();
  if (SECONDS.test(text) || MILLISECONDS.test(text)) {
    const ms = Number(text) * (SECONDS.test(text) ? MS_PER_S : 1);
    return whenOf(new Date(ms).toISOString(), "Z");
  }
  if (SHEET_DAYS.test(text)) {
    const minutes = Math.round((Number(text) - SHEET_EPOCH_DAYS_BEFORE_1970) * MINUTES_PER_DAY);
    return whenOf(new Date(minutes * MS_PER_MINUTE).toISOString(), "");
  }
  const compact = COMPACT.exec(text.replace(/Z$/, ""));
  if (compact) {
    const [year, month, day, hour, minute] = compact.slice(1).map((part) => Number(part ?? 0)) as [
      number,
      number,
      number,
      number,
      number,
    ];
    return { day: { year, month, day }, clock: { hour, minute }, offset: text.endsWith("Z") ? "Z" : "" };
  }
  const unquoted = text.replace(WEEKDAY, "");
  const zone = /\d{1,2}[:.]\d{2}|T\d{2}|[ap]m/i.test(unquoted) ? OFFSET.exec(unquoted) : null;
  const offset = zone ? (/^[+-]/.test(zone[1]!) ? zone[1]! : "Z") : "";
  const bare = zone ? unquoted.slice(0, zone.index) : unquoted;
  const wholeDay = dayIn(bare, isMonthFirst);
  if (wholeDay) return { day: wholeDay, clock: null, offset };
  const clock = clockIn(bare);
  if (!clock) return null;
  if (clock.rest === "") return { day: null, clock: clock.clock, offset };
  const day = dayIn(clock.rest, isMonthFirst);
  return day && { day, clock: clock.clock, offset };
}

/** @param iso a time in UTC whose parts are taken as they stand */
const whenOf = (iso: string, offset: string): When => ({
  day: { year: Number(iso.slice(0, 4)), month: Number(iso.slice(5, 7)), day: Number(iso.slice(8, 10)) },
  clock: { hour: Number(iso.slice(11, 13)), minute: Number(iso.slice(14, 16)) },
  offset,
});

/** Days like 03/04 mean two things: which, by the days of a whole column; `null` where none of them tells. */
export function isMonthFirstIn(cells: readonly string[]): boolean | null {
  const pairs = cells.flatMap((cell) => {
    const found = /^(?:\p{L}+\.?,? +)?(\d{1,2})[/.-](\d{1,2})(?:[/.-]\d{2,4})?(?:[ ,T]|$)/u.exec(cell.trim());
    return found && !/^\d{1,2}[.:]\d{2}$/.test(cell.trim()) ? [[Number(found[1]), Number(found[2])] as const] : [];
  });
  if (pairs.some(([first]) => first > 12)) return false;
  if (pairs.some(([, second]) => second > 12)) return true;
  // Points between day and month: nobody who puts the month first writes them.
  return cells.some((cell) => /^\d{1,2}\.\d{1,2}\./.test(cell.trim())) ? false : null;
}

const two = (value: number): string => String(value).padStart(2, "0");

/** Times of one column after the other: what a row leaves out is taken from the row before it, or from the outing. */
export class Calendar {
  private day: Day | null = null;
  private lastMinutes = -1;

  /** @param near an instant near which the days are, where one is known */
  constructor(
    private readonly near: string | null,
    private readonly timeZone: string,
  ) {}

  /** @returns day and time as `instantOf` reads them, or `null` where they are not told */
  textOf({ day, clock, offset }: When): string | null {
    if (!clock) return null;
    const minutes = clock.hour * MINUTES_PER_HOUR + clock.minute;
    if (day) this.day = { ...day, year: day.year ?? this.nearestYear(day) };
    else if (!this.day) this.day = this.near === null ? null : this.firstDay();
    else if (minutes < this.lastMinutes) this.day = nextDay(this.day);
    this.lastMinutes = minutes;
    if (!this.day || this.day.year === null) return null;
    const { year, month, day: own } = this.day;
    // 24:00 is the first minute of the next day.
    if (clock.hour === 24 && clock.minute === 0) {
      const next = nextDay(this.day);
      return `${next.year}-${two(next.month)}-${two(next.day)}T00:00${offset}`;
    }
    return `${year}-${two(month)}-${two(own)}T${two(clock.hour)}:${two(clock.minute)}${offset}`;
  }

  private firstDay(): Day {
    const text = localText(this.near!, this.timeZone);
    return { year: Number(text.slice(0, 4)), month: Number(text.slice(5, 7)), day: Number(text.slice(8, 10)) };
  }

  private nearestYear({ month, day }: Day): number | null {
    if (this.near === null) return null;
    const near = Date.parse(this.near);
    const own = new Date(near).getUTCFullYear();
    const away = (year: number): number => Math.abs(Date.UTC(year, month - 1, day) - near);
    return [own - 1, own, own + 1].reduce((best, year) => (away(year) < away(best) ? year : best));
  }
}

function nextDay({ year, month, day }: Day): Day {
  const next = new Date(Date.UTC(year ?? CENTURY, month - 1, day + 1));
  return { year: year === null ? null : next.getUTCFullYear(), month: next.getUTCMonth() + 1, day: next.getUTCDate() };
}
