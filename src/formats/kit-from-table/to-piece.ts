import { quickPiece } from "@/core/starter-kit";
import { insulationFromClo } from "@/core/units";
import type { Label } from "@/core/labels";
import type { PieceInFile } from "../wire/kit/kit-schema";
import type { KitRow } from "./read-row";

/** A figure in clo stands for all that the piece is made of, wherever it covers. */
const ofClo = (label: Label, clo: number): Label =>
  label.kind === "explicit"
    ? label
    : {
        ...label,
        panels: label.panels.map((panel) => ({
          ...panel,
          materials: [{ kind: "testSheet", insulationM2KPerW: insulationFromClo(clo), statesTotal: false }],
        })),
      };

/** A row of a list as a piece; `null` where it is none, or nobody has said which. */
export function pieceOfRow(row: KitRow): PieceInFile | null {
  if (row.kind === null || row.kind === "none") return null;
  const { kind, labelOf, fingersTogether, traits } = quickPiece(row.kind);
  const label = labelOf(row.figure, row.wear);
  return {
    name: row.name,
    kind,
    label: (row.clo === null ? label : ofClo(label, row.clo)) as PieceInFile["label"],
    fingersTogether,
    traits: traits as PieceInFile["traits"],
    massG: row.massG,
    priceMinor: row.priceMinor,
    currency: row.currency,
    note: row.note,
    care: {},
  };
}
