import type { Forecast, ForecastAsked } from "@/core/forecast";

/** Where forecasts come from. Another service is put in by another maker; all else stays as it is. */
export type Forecasts = { at(asked: ForecastAsked): Promise<Forecast> };
