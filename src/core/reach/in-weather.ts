import type { Outing, Phase, SpotSurroundings } from "../outing";
import type { WeatherHour } from "../weather";
import type { ReachWeather, WindPlace } from "./reach-grid";

/** What was measured on the spot would hold in any weather: left out, but for what the ground is. */
function withoutMeasuredAir(phase: Phase, windMPerS: number | null): Phase {
  if (phase.kind === "warmUp") return phase; // indoors
  const { airTemperatureC: _air, radiantTemperatureC: _sky, relativeWindMPerS: _wind, ...spot } = phase.spot ?? {};
  const moves = phase.walkSpeedMPerS > 0 || (phase.effort !== undefined && phase.effort.kind !== "class");
  const measured: SpotSurroundings = windMPerS !== null && !moves ? { ...spot, relativeWindMPerS: windMPerS } : spot;
  return { ...phase, spot: measured };
}

type Hour = Pick<WeatherHour, "airTemperatureC" | "windMPerS" | "radiantTemperatureC">;

/** An hour in another air temperature and wind; what radiates stays as much warmer or colder than the air. */
export const hourIn = <Own extends Hour>(hour: Own, { airTemperatureC, windMPerS }: ReachWeather): Own => ({
  ...hour,
  airTemperatureC,
  windMPerS,
  radiantTemperatureC:
    hour.radiantTemperatureC === null ? null : hour.radiantTemperatureC + airTemperatureC - hour.airTemperatureC,
});

/**
 * An outing in another air temperature and wind all through; humidity, cloud and precipitation as they were.
 * @param cell air temperature, °C, and wind, m/s
 * @param windPlace where that wind is measured: at the seat it passes the body of whoever sits there; who walks meets
 *   as much at 10 m, with the place's shelter
 */
export function inWeather(outing: Outing, cell: ReachWeather, windPlace: WindPlace): Outing {
  return {
    ...outing,
    weather: outing.weather.map((hour) => hourIn(hour, cell)),
    phases: outing.phases.map((phase) => withoutMeasuredAir(phase, windPlace === "seat" ? cell.windMPerS : null)),
  };
}
