import type { OutingView, WeatherHourView } from "./outing-view";

const MS_PER_MINUTE = 60_000;

/** Hours of weather that the plan lives through, in order; where none falls into it, all that are known. */
export function hoursDuringPlan({
  startsAt,
  phases,
  weather,
}: Pick<OutingView, "startsAt" | "phases" | "weather">): readonly WeatherHourView[] {
  const startMs = Date.parse(startsAt);
  const endMs = startMs + phases.reduce((total, { minutes }) => total + minutes, 0) * MS_PER_MINUTE;
  const during = weather.filter(({ at }) => Date.parse(at) >= startMs && Date.parse(at) <= endMs);
  return during.length > 0 ? during : weather;
}
