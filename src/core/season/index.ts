export { datesOf, type MonthDay, type SeasonDate, type SeasonHabit } from "./habit";
export {
  dayOf,
  daysOf,
  seasonOf,
  summaryOf,
  weatherAtSeat,
  type Season,
  type SeasonDay,
  type SeasonOuting,
  type SeasonSummary,
} from "./season";
export type { SeasonHour, SeasonSite, SeasonWeather } from "./season-weather";
