import { hoursOfPlan } from "@/core/day";
import { totalMinutes } from "@/core/outing";
import { minutesFrom } from "../../outing-file/to-outing";
import type { OutingView, WeatherHourView } from "./outing-view";

/** Minutes of all phases of an outing. */
export const plannedMinutes = ({ phases }: Pick<OutingView, "phases">): number => totalMinutes(phases);

/** Hours of weather that the plan lives through, in order; where none falls into it, all that are known. */
export const hoursDuringPlan = (
  view: Pick<OutingView, "startsAt" | "phases" | "weather">,
): readonly WeatherHourView[] =>
  hoursOfPlan(
    view.weather.map((hour) => ({ hour, minute: minutesFrom(view.startsAt, hour.at) })),
    plannedMinutes(view),
  ).map(({ hour }) => hour);
