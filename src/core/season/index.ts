export type { MonthDay, SeasonHabit } from "./habit";
export { seasonOf, summaryOf, type Season, type SeasonDay, type SeasonSummary } from "./season";
export type { SeasonHour, SeasonSite, SeasonWeather } from "./season-weather";
