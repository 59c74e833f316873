import type { Outing } from "@/core/outing";
import { USUAL_START } from "@/core/sitter";
import { minutesFrom } from "../outing-file/to-outing";
import type { OutingView } from "./outing-view";

/** The core's outing of a view: only the pieces worn, instants as elapsed minutes. */
export function viewToOuting(view: OutingView): Outing {
  const { id: _person, name: _name, accepted, ...body } = view.person;
  const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
  return {
    person: { body, accepted },
    place: { shelter: view.place.shelter, seatHeightM: view.place.seatHeightM, ground: view.place.ground },
    start: USUAL_START,
    weather: view.weather.map(({ at, airTemperatureC, windMPerS, relativeHumidityPercent, radiantTemperatureC }) => ({
      minute: minutesFrom(view.startsAt, at),
      airTemperatureC,
      windMPerS,
      relativeHumidityPercent,
      radiantTemperatureC,
    })),
    phases: view.phases.map(({ id: _id, ...phase }) => phase),
    pieces: view.kit
      .filter(({ id }) => worn.has(id))
      .map(({ id, name, kind, label, fingersTogether }) => ({ id, name, kind, label, fingersTogether })),
    wearings: view.wearings.map(({ id: _id, ...wearing }) => wearing),
  };
}
