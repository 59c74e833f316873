import type { Material, MaterialKind } from "@/core/labels";

// A kit as a table: a row a material of a panel; what belongs to the whole piece stands in its first row.

/** Columns of a kit file, in order. */
export const KIT_COLUMNS = [
  "piece",
  "name",
  "kind",
  "face",
  "fit",
  "wear",
  "assembly",
  "easeMm",
  "fingersTogether",
  "massG",
  "price",
  "currency",
  "note",
  "traits",
  "care",
  "panel",
  "patches",
  "part",
  "coverShare",
  "material",
  "thicknessMm",
  "massGPerM2",
  "fibre",
  "quilted",
  "fillG",
  "fillPowerIn3PerOz",
  "panelAreaM2",
  "peakLoftMm",
  "insulationM2KPerW",
  "statesTotal",
  "substance",
] as const;
export type KitColumn = (typeof KIT_COLUMNS)[number];
export type KitRow = Partial<Record<KitColumn, string>>;

/** Figures of each kind of material: what its row has to hold, and what it may. */
export const MATERIAL_COLUMNS: Readonly<Record<MaterialKind, readonly KitColumn[]>> = {
  thickness: ["thicknessMm"],
  highPile: ["thicknessMm"],
  garmentBatting: ["massGPerM2", "fibre", "quilted"],
  bootBatting: ["massGPerM2"],
  gloveBatting: ["massGPerM2"],
  mittBatting: ["massGPerM2"],
  fleece: ["massGPerM2"],
  knit: ["massGPerM2"],
  felt: ["thicknessMm"],
  down: ["fillPowerIn3PerOz", "fillG", "panelAreaM2", "peakLoftMm"],
  testSheet: ["insulationM2KPerW", "statesTotal"],
  solid: ["substance", "thicknessMm"],
};

const WORD_COLUMNS: ReadonlySet<string> = new Set(["fibre", "substance"]);
const FLAG_COLUMNS: ReadonlySet<string> = new Set(["quilted", "statesTotal"]);

const YES: ReadonlySet<string> = new Set(["true", "yes", "y", "x", "1", "wahr", "ja", "vrai", "oui", "sann"]);
const NO: ReadonlySet<string> = new Set(["", "false", "no", "n", "0", "falsch", "nein", "faux", "non", "usann", "nei"]);

/** Yes or no as people and spreadsheets of several languages write it; what is neither stays a text, which is refused. */
export function flagOf(text: string): boolean | string {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/^([01])[.,]0+$/, "$1");
  return YES.has(word) ? true : NO.has(word) ? false : text;
}

/** Writes a material's figures into a row. */
export function materialCells(material: Material): KitRow {
  const values = material as unknown as Readonly<Record<string, string | number | boolean | undefined>>;
  const cells = MATERIAL_COLUMNS[material.kind].flatMap((column): [KitColumn, string][] =>
    values[column] === undefined ? [] : [[column, String(values[column])]],
  );
  return { material: material.kind, ...Object.fromEntries(cells) };
}

/** Reads a material's figures as they stand; whether they can be is for the schema to say. */
export function materialValues(row: KitRow, numberOf: (text: string) => number): Record<string, unknown> {
  const material = row.material?.trim() ?? "";
  const columns = Object.hasOwn(MATERIAL_COLUMNS, material) ? MATERIAL_COLUMNS[material as MaterialKind] : [];
  const values = columns.flatMap((column): [string, unknown][] => {
    const text = row[column]?.trim();
    if (!text) return [];
    if (WORD_COLUMNS.has(column)) return [[column, text]];
    return [[column, FLAG_COLUMNS.has(column) ? flagOf(text) : numberOf(text)]];
  });
  return { kind: material, ...Object.fromEntries(values) };
}
