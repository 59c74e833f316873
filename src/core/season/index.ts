export { DAY_KINDS, dayKind, inventedYear, type DayKind } from "./invented-year";
export { datesOf, type MonthDay, type SeasonDate, type SeasonHabit } from "./habit";
export {
  dayOf,
  daysOf,
  sameOnAllDays,
  seasonOf,
  summaryOf,
  weatherAtSeat,
  type Season,
  type SeasonDay,
  type SeasonOuting,
  type SeasonSummary,
} from "./season";
export { hoursNear } from "./outing-on";
export type { SeasonHour, SeasonSite, SeasonWeather } from "./season-weather";
