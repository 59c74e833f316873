import * as m from "@/messages";
import Papa from "papaparse";
import { MINOR_PER_UNIT, laneOf } from "@/core/pieces";
import { plainNumber } from "../display/numbers";
import { insulationFigure, quantityFigure, unitLabel } from "../display/quantities";
import { shownAs } from "../display/style";
import { LANE_WORDS } from "../display/words/body-words";
import { KIND_WORDS } from "../display/words/label-words";
import { cloThatMatters } from "../display/words/reading-words";
import type { KitPiece } from "../wire/kit/kit-view";
import { asText, BYTE_ORDER_MARK } from "./spreadsheet-cells";

const cellsOf = (piece: KitPiece): string[] => {
  const lane = laneOf(piece);
  const best = cloThatMatters(piece.label, lane);
  return [
    asText(piece.name),
    LANE_WORDS[lane],
    KIND_WORDS[piece.kind],
    best ? insulationFigure(best.row.insulationM2KPerW, 2) : "",
    best?.part ?? "",
    piece.massG === null ? "" : quantityFigure("smallMass", piece.massG),
    piece.priceMinor === null
      ? ""
      : `${plainNumber(piece.priceMinor / MINOR_PER_UNIT, 2)} ${piece.currency ?? ""}`.trim(),
    String(piece.outings),
    asText(piece.note),
  ];
};

/**
 * A kit as a list to look at in a spreadsheet: a row a piece, in the units, decimals and language of whoever reads. It is
 * read back as any list is; what labels say in full stands in the other table and in JSON.
 */
export function kitList(pieces: readonly KitPiece[]): string {
  const table = Papa.unparse(
    {
      fields: [
        m.name,
        m.zone,
        m.kind,
        m.whereItMatters({ unitLabel: unitLabel("insulation") }),
        m.partWhereItMatters,
        m.massIn({ unit: unitLabel("smallMass") }),
        m.price,
        m.outings,
        m.note,
      ],
      data: pieces.map(cellsOf),
    },
    { delimiter: shownAs().decimal === "comma" ? ";" : "," },
  );
  return `${BYTE_ORDER_MARK}${table}`;
}
