import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import type { ReachCell, WindPlace } from "@/core/reach";
import { CONDITION_RANGE } from "@/core/sitter";
import { windShareAtSeat } from "@/core/weather";
import { windText, temperatureText } from "@/formats/display/numbers";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { ask } from "../ask";
import { $preferences } from "../preferences";

const MOST_WIND_M_PER_S = CONDITION_RANGE.windMPerS[1];

/** Wind at 10 m that leaves so much at the seat of an outing's place. */
function windAtTenMetres({ setting }: OutingView, { windMPerS }: ReachCell, windPlace: WindPlace): number {
  return windPlace === "tenMetres" ? windMPerS : windMPerS / windShareAtSeat(setting.shelter, setting.seatHeightM);
}

/**
 * Makes an outing like another in the weather of a cell.
 * @returns its id @throws {Error} with a message to show
 */
export async function planCell(view: OutingView, cell: ReachCell, windPlace: WindPlace): Promise<string> {
  const { temperature, wind } = $preferences.get();
  const windMPerS = windAtTenMetres(view, cell, windPlace);
  if (windMPerS > MOST_WIND_M_PER_S) throw new Error(m.reachNoSuchWind({ wind: windText(MOST_WIND_M_PER_S, wind) }));
  const { setting, phases, wearings } = view;
  const { forecast: _forecast, ...plan } = view.plan; // it told another weather
  const weather = view.weather.map((hour) => ({
    ...hour,
    airTemperatureC: cell.airTemperatureC,
    windMPerS,
    radiantTemperatureC:
      hour.radiantTemperatureC === null ? null : hour.radiantTemperatureC + cell.airTemperatureC - hour.airTemperatureC,
    airTemperatureTyped: null,
    windTyped: null,
  }));
  const id = uuid();
  await ask("/api/outings", "POST", {
    from: "outing",
    id,
    copyOf: view.id,
    name: m.reachPlanned({ name: view.name, temperature: temperatureText(cell.airTemperatureC, temperature) }),
    content: { setting, phases, wearings, plan, weather, weatherShaped: false },
  });
  return id;
}
