import { dayLight } from "../sun";
import { MS_PER_HOUR, MS_PER_MINUTE } from "../units";
import { civilDate, type CivilDate } from "./civil-date";
import type { SeasonHour, SeasonSite } from "./season-weather";

/** When somebody is at the seat, week by week. */
export type SeasonHabit = {
  /** 0 Sunday … 6 Saturday. */
  readonly weekdays: readonly number[];
  /** First and last day of the season, month and day; a last one before the first is of the next year. */
  readonly from: MonthDay;
  readonly to: MonthDay;
  /** When the sit begins: minutes after sunrise or sunset (negative: before), or of the day by the site's clock. */
  readonly begins: { readonly by: "sunrise" | "sunset" | "clock"; readonly minutes: number };
  readonly wantedMinutes: number;
};
export type MonthDay = { readonly month: number; readonly day: number };

/** A day of a habit. */
export type SeasonDate = {
  /** By the site's clock, "2027-01-10". */
  readonly date: string;
  readonly seatAtMs: number;
};

const MS_PER_DAY = 24 * MS_PER_HOUR;
const NOON_HOURS = 12;

const written = ({ year, month, day }: CivilDate): string =>
  [year, month, day].map((own) => String(own).padStart(2, "0")).join("-");
const orderOf = ({ month, day }: MonthDay): number => month * 100 + day;

function isWithin(date: MonthDay, { from, to }: SeasonHabit): boolean {
  const [own, first, last] = [date, from, to].map(orderOf) as [number, number, number];
  return first <= last ? own >= first && own <= last : own >= first || own <= last;
}

/** Instant at which the sit of a day begins; `null` where the sun does not rise or set. */
function seatAt(midnightMs: number, { begins }: SeasonHabit, { latitudeDeg, longitudeDeg }: SeasonSite): number | null {
  if (begins.by === "clock") return midnightMs + begins.minutes * MS_PER_MINUTE;
  const light = dayLight(midnightMs + NOON_HOURS * MS_PER_HOUR, latitudeDeg, longitudeDeg);
  if (light.kind !== "day") return null;
  return (begins.by === "sunrise" ? light.sunriseMs : light.sunsetMs) + begins.minutes * MS_PER_MINUTE;
}

/** Days of a habit within some hours of weather, in their order. */
export function datesOf(habit: SeasonHabit, site: SeasonSite, hours: readonly SeasonHour[]): SeasonDate[] {
  const offsetMs = site.utcOffsetHours * MS_PER_HOUR;
  const days = new Set(hours.map(({ atMs }) => Math.floor((atMs + offsetMs) / MS_PER_DAY)));
  return [...days].flatMap((day): SeasonDate[] => {
    const date = civilDate(day);
    if (!habit.weekdays.includes(date.weekday) || !isWithin(date, habit)) return [];
    const seatAtMs = seatAt(day * MS_PER_DAY - offsetMs, habit, site);
    return seatAtMs === null ? [] : [{ date: written(date), seatAtMs }];
  });
}
