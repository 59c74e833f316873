import Papa from "papaparse";
import type { Label } from "@/core/labels";
import type { KitPiece } from "../wire/kit/kit-view";
import type { PieceView } from "../wire/outing/outing-view";
import { quantityFigure, unitLabel } from "../display/quantities";
import { shownAs } from "../display/style";
import { MINOR_PER_UNIT } from "../../core/pieces";
import { asText, BYTE_ORDER_MARK } from "./spreadsheet-cells";
import { KIT_COLUMNS, materialCells, type KitRow } from "./columns";

/** What of a piece a file holds. */
type WrittenPiece = Omit<PieceView, "id"> & Pick<KitPiece, "note" | "care">;

export const KIT_FORMAT_VERSION = 1;

const inJson = (value: object): string => (Object.keys(value).length > 0 ? JSON.stringify(value) : "");

/** What belongs to the whole piece. */
function headCells(piece: WrittenPiece, index: number): KitRow {
  const { name, kind, label, fingersTogether, massG, priceMinor, currency, note, traits, care } = piece;
  const worn = label.kind === "panels" ? label : null;
  return {
    piece: String(index + 1),
    name: asText(name),
    kind,
    ...(worn && { face: worn.face, fit: worn.fit, wear: worn.wear, assembly: worn.assembly }),
    ...(worn?.easeMm !== undefined && { easeMm: String(worn.easeMm) }),
    fingersTogether: String(fingersTogether),
    ...(massG !== null && { massG: String(massG) }),
    ...(priceMinor !== null && { price: String(priceMinor / MINOR_PER_UNIT), currency: currency ?? "" }),
    note: asText(note),
    traits: inJson(traits),
    care: inJson(care),
  };
}

function panelRows(label: Label, head: KitRow): KitRow[] {
  if (label.kind === "explicit") return [];
  return label.panels.flatMap(({ patches, part, coverShare, materials }, panel) =>
    materials.map((material, layer): KitRow => ({
      ...(panel === 0 && layer === 0 ? head : { piece: head.piece! }),
      panel: String(panel + 1),
      patches: patches.join(" "),
      ...(part !== undefined && { part: asText(part) }),
      ...(coverShare !== undefined && { coverShare: String(coverShare) }),
      ...materialCells(material),
    })),
  );
}

/**
 * A kit as CSV, a row a material of a panel, with a decimal point. Pieces whose layers were given as they are have no
 * label a table could hold: they are left out and named; JSON holds them.
 */
export function kitToCsv(pieces: readonly WrittenPiece[]): {
  readonly text: string;
  readonly leftOut: readonly string[];
} {
  const rows = pieces.flatMap((piece, index) => panelRows(piece.label, headCells(piece, index)));
  const table = Papa.unparse({
    fields: [...KIT_COLUMNS],
    data: rows.map((row) => KIT_COLUMNS.map((column) => row[column] ?? "")),
  });
  const text = `${BYTE_ORDER_MARK}${table}`;
  return { text, leftOut: pieces.filter(({ label }) => label.kind === "explicit").map(({ name }) => name) };
}

/** Rows that show how a list is filled in; they are written over. */
const EXAMPLES = [
  ["Wool hat (example)", "Hat, knitted", "4 mm", 60, 20, ""],
  ["Fleece (example)", "Fleece jacket", "200 g/m²", 420, 85, "itches at the neck"],
  ["Winter boots (example)", "Boots, insulated", "400 g/m²", 1700, 210, ""],
] as const;

/** An empty list to fill in, in the units of whoever reads; it is read as any list is. */
export function kitTemplate(): string {
  const isComma = shownAs().decimal === "comma";
  const table = Papa.unparse(
    {
      fields: ["Name", "What it is", "Insulation", `Mass (${unitLabel("smallMass")})`, "Price", "Note"],
      data: EXAMPLES.map(([name, kind, figure, massG, price, note]) => [
        name,
        kind,
        figure,
        quantityFigure("smallMass", massG),
        price,
        note,
      ]),
    },
    { delimiter: isComma ? ";" : "," },
  );
  return `${BYTE_ORDER_MARK}${table}`;
}

/** A kit as JSON: loses nothing. */
export const kitToJson = (pieces: readonly WrittenPiece[]): string =>
  JSON.stringify({ formatVersion: KIT_FORMAT_VERSION, pieces }, null, 2);
