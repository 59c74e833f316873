import * as m from "@/messages";
import Papa from "papaparse";
import type { SeasonDay } from "@/core/season";
import { quantityFigure, unitLabel } from "../display/quantities";
import { reachLimitWords } from "../display/words/reach-words";

/** Days of a season as a table, in the units of whoever takes it; no figure where it is longer than was looked at. */
export const seasonCsv = (days: readonly SeasonDay[]): string =>
  Papa.unparse({
    fields: [
      m.seasonColumnDate,
      m.seasonColumnSeat,
      m.reachColumnAir({ unit: unitLabel("temperature") }),
      m.reachColumnWind({ unit: unitLabel("wind") }),
      m.reachColumnMinutes,
      m.reachColumnEnds,
      m.seasonColumnCovered,
    ],
    data: days.map((day) => [
      day.date,
      new Date(day.seatAtMs).toISOString(),
      quantityFigure("temperature", day.airTemperatureC, 1),
      quantityFigure("wind", day.windMPerS, 1),
      day.minutesStill ?? "",
      reachLimitWords(day),
      day.isCovered ? m.seasonYes : m.seasonNo,
    ]),
  });
