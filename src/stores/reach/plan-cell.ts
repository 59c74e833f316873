import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { hourIn, hourSwitched, phaseSwitched, placeSwitched, type ReachCell, type WindPlace } from "@/core/reach";
import { CONDITION_RANGE } from "@/core/sitter";
import { windShareAtSeat } from "@/core/weather";
import { windText } from "@/formats/display/numbers";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { wearingsOf, type DressedKit } from "../wardrobe/dressed-kit";
import { ask } from "../ask";
import { $preferences } from "../preferences";
import type { ReachSettings } from "./reach";

const MOST_WIND_M_PER_S = CONDITION_RANGE.windMPerS[1];

/** Wind at 10 m that leaves so much at the seat of an outing's place. */
function windAtTenMetres({ setting }: OutingView, { windMPerS }: ReachCell, windPlace: WindPlace): number {
  return windPlace === "tenMetres" ? windMPerS : windMPerS / windShareAtSeat(setting.shelter, setting.seatHeightM);
}

/**
 * Makes an outing like another in the weather of a cell, with what of its plan was taken otherwise for the map.
 * @param dressed what is worn instead of the outing's own outfit
 * @returns its id @throws {Error} with a message to show
 */
export async function planCell(
  view: OutingView,
  cell: ReachCell,
  settings: ReachSettings,
  dressed: DressedKit | null = null,
): Promise<string> {
  const { wind } = $preferences.get();
  if (settings.person && settings.person.id !== view.person.id) throw new Error(m.reachKeepsPerson);
  if (!settings.walksIn) throw new Error(m.reachKeepsWalk);
  const windMPerS = windAtTenMetres(view, cell, settings.windPlace);
  if (windMPerS > MOST_WIND_M_PER_S) throw new Error(m.reachNoSuchWind({ wind: windText(MOST_WIND_M_PER_S, wind) }));
  const { forecast: _forecast, ...plan } = view.plan; // it told another weather
  const weather = view.weather.map((hour) => ({
    ...hourIn(hourSwitched(hour, settings), { ...cell, windMPerS }),
    airTemperatureTyped: null,
    windTyped: null,
  }));
  const id = uuid();
  await ask("/api/outings", "POST", {
    from: "outing",
    id,
    copyOf: view.id,
    name: m.reachPlanned({ name: view.name }),
    content: {
      setting: placeSwitched(view.setting, settings),
      phases: view.phases.map((phase) => phaseSwitched(phase, settings)),
      wearings: dressed ? wearingsOf(dressed) : view.wearings,
      plan,
      weather,
      weatherShaped: false,
    },
  });
  return id;
}
