import * as m from "@/messages";
import Papa from "papaparse";
import type { ReachCell } from "@/core/reach";
import { quantityFigure, unitLabel } from "../display/quantities";
import { reachLimitWords } from "../display/words/reach-words";

/** A map as a table, a row a cell, in the units of whoever takes it; no figure where it is longer than was looked at. */
export const reachCsv = (cells: readonly ReachCell[]): string =>
  Papa.unparse({
    fields: [
      m.reachColumnAir({ unit: unitLabel("temperature") }),
      m.reachColumnWind({ unit: unitLabel("wind") }),
      m.reachColumnMinutes,
      m.reachColumnEnds,
    ],
    data: cells.map((cell) => [
      quantityFigure("temperature", cell.airTemperatureC, 1),
      quantityFigure("wind", cell.windMPerS, 1),
      cell.minutesStill ?? "",
      reachLimitWords(cell),
    ]),
  });
