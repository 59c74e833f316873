export {
  GROUND_INSULATION_M2K_PER_W,
  GROUND_RANGE,
  GROUNDS,
  groundTemperatureC,
  SEAT_INSULATION_M2K_PER_W,
  seatOf,
  SEATS,
  seatTemperatureC,
  type Seat,
  type Ground,
  type GroundState,
} from "./ground";
export { WeatherCourse, type WeatherHour, type WeatherNow } from "./weather-hour";
export { relativeWind, SEAT_HEIGHT_RANGE_M, SHELTER, windShareAtSeat, type Shelter } from "./wind-at-seat";
