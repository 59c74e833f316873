import { shapedHours } from "@/formats/outing-file/shaped-weather";
import type { WeatherHourView } from "@/formats/wire/outing/outing-view";

/** Where a day says nothing of it (assumption). */
const USUAL_HUMIDITY_PERCENT = 80;

/** Hours of a day of which only the lowest and highest temperature are known, as a sheet keeps them. */
export const hoursOfShapedDay = (
  day: Omit<Parameters<typeof shapedHours>[0], "relativeHumidityPercent">,
  where: Parameters<typeof shapedHours>[1],
  minutes: number,
): WeatherHourView[] =>
  shapedHours({ ...day, relativeHumidityPercent: USUAL_HUMIDITY_PERCENT }, where, minutes).map((hour) => ({
    cloudShare: null,
    precipitationMm: null,
    airTemperatureTyped: null,
    windTyped: null,
    ...hour,
  }));
