export { FORECAST_RANGE, type Forecast, type ForecastAsked, type ForecastHour } from "./forecast";
export { INVENTED_SERVICE, inventedForecast, REACHES_DAYS, RUN_EVERY_HOURS, runIssuedMs } from "./invented-forecast";
