import * as m from "@/messages";
import Papa from "papaparse";
import { PLACEMENT, type DresserPiece, type Placement } from "@/core/dresser";
import { usualWearing } from "@/core/dressing";
import type { Lasting } from "@/core/limits";
import { LANES, laneOf } from "@/core/pieces";
import { codeOf, problemOf, type DoorTable, type Kit } from "@/core/wardrobe";
import { quantityFigure, unitLabel } from "../display/quantities";
import { reachLimitWords } from "../display/words/reach-words";

/** A piece as the table names it. */
export type DoorPiece = {
  readonly name: string;
  /** Not worn, or worn otherwise, in the next milder row. */
  readonly isNew: boolean;
};

/** What is worn in one weather, in words: all that is shown and kept. */
export type DoorRow = Lasting & {
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly massG: number;
  readonly fromStart: readonly DoorPiece[];
  readonly atSeat: readonly DoorPiece[];
  readonly onWay: readonly DoorPiece[];
};

/** From head to foot, in each zone from the skin out. */
const placeOf = (piece: DresserPiece): number => LANES.indexOf(laneOf(piece)) * MOST_RANK + usualWearing(piece).rank;
const MOST_RANK = 1000;

/** Columns of the table, a wind each, from the mildest row to the coldest. */
export function doorColumns(kit: Kit, { outfits, columns }: DoorTable): DoorRow[][] {
  const problem = problemOf(kit);
  const headToFoot = [...kit.pieces.keys()].sort(
    (one, other) => placeOf(kit.pieces[one]!) - placeOf(kit.pieces[other]!),
  );
  return columns.map((cells) =>
    cells.map(({ outfit, ...cell }, row): DoorRow => {
      if (outfit === null) return { ...cell, massG: 0, fromStart: [], atSeat: [], onWay: [] };
      const code = codeOf(outfits[outfit]!);
      const milder = cells[row - 1]?.outfit ?? null;
      const before = milder === null ? null : outfits[milder]!;
      const worn = (placement: Placement): DoorPiece[] =>
        headToFoot.flatMap((index) =>
          code[index] === placement
            ? [{ name: kit.pieces[index]!.name, isNew: before !== null && before[index] !== placement }]
            : [],
        );
      return {
        ...cell,
        massG: problem.massG(code),
        fromStart: worn(PLACEMENT.start),
        atSeat: worn(PLACEMENT.seat),
        onWay: worn(PLACEMENT.way),
      };
    }),
  );
}

const names = (pieces: readonly DoorPiece[]): string => pieces.map(({ name }) => name).join("; ");

/** The table as rows of a file, in the units of whoever takes it. */
export const doorCsv = (columns: readonly (readonly DoorRow[])[]): string =>
  Papa.unparse({
    fields: [
      m.reachColumnAir({ unit: unitLabel("temperature") }),
      m.reachColumnWind({ unit: unitLabel("wind") }),
      m.reachColumnMinutes,
      m.reachColumnEnds,
      m.doorWalkIn,
      m.doorPutOn,
      m.doorTakeOff,
    ],
    data: columns
      .flat()
      .map((row) => [
        quantityFigure("temperature", row.airTemperatureC, 1),
        quantityFigure("wind", row.windMPerS, 1),
        row.minutesStill ?? "",
        reachLimitWords(row),
        names(row.fromStart),
        names(row.atSeat),
        names(row.onWay),
      ]),
  });
