import { inventedForecast } from "@/core/forecast";
import type { Forecasts } from "../ports/forecasts";

/** The service that ships with the program: invented, seeded by place and hour, no network. */
export const inventedForecasts = (): Forecasts => ({ at: (asked) => Promise.resolve(inventedForecast(asked)) });
