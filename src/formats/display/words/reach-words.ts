import * as m from "@/messages";
import { HELD_PAST_PLAN_MINUTES } from "@/core/limits";
import type { ReachCell, WindPlace } from "@/core/reach";
import type { Preferences } from "../preferences";
import { temperatureText, windText } from "../numbers";
import { durationText } from "../time";
import { arrivesWords, limitWords } from "./limit-words";

export const WIND_PLACE_WORDS: Readonly<Record<WindPlace, string>> = {
  tenMetres: m.reachWindTenMetres,
  seat: m.reachWindSeat,
};

const endedBy = ({ limit, part }: ReachCell): string =>
  limit === null || part === null ? "" : limitWords(limit, { part, side: null });

/** What a cell answers: "2 h 36, then toes". */
export function reachAnswerWords(cell: ReachCell, plannedMinutes: number): string {
  const { minutesStill, limit } = cell;
  if (minutesStill === null)
    return m.reachLongerThan({ duration: durationText(plannedMinutes + HELD_PAST_PLAN_MINUTES) });
  return minutesStill === 0
    ? m.reachArrives({ arrives: arrivesWords(limit), limit: endedBy(cell) })
    : m.reachEnds({ duration: durationText(minutesStill), limit: endedBy(cell) });
}

/** A cell and what it answers: "−8 °C, 3.2 m/s: 2 h 36, then toes". */
export const reachCellWords = (
  cell: ReachCell,
  plannedMinutes: number,
  { temperature, wind }: Pick<Preferences, "temperature" | "wind">,
): string =>
  m.reachCellRead({
    temperature: temperatureText(cell.airTemperatureC, temperature),
    wind: windText(cell.windMPerS, wind, 1),
    answer: reachAnswerWords(cell, plannedMinutes),
  });

/** What ends a region of the map. */
export const reachLimitWords = endedBy;
