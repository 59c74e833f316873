export { inventedHour } from "./invented-weather";
export { FORECAST_RANGE, type Forecast, type ForecastAsked, type ForecastHour } from "./forecast";
export { inventedForecast, REACHES_DAYS, RUN_EVERY_HOURS } from "./invented-forecast";
