export { GROUND_INSULATION_M2K_PER_W, GROUNDS, groundTemperatureC, type Ground } from "./ground";
export { weatherAt, type WeatherHour, type WeatherNow } from "./weather-hour";
export { relativeWind, SEAT_HEIGHT_RANGE_M, SHELTER, windAtSeat, type Shelter } from "./wind-at-seat";
