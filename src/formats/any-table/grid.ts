import Papa from "papaparse";

/** A row as it stands in a file or among pasted cells, with its line (or row) counted from 1. */
export type GridRow = { readonly line: number; readonly cells: readonly string[] };

/** The first line some spreadsheets write to say what separates cells. */
const SEPARATOR_LINE = /^sep=(.)\n/i;
/** A table as it is drawn in plain text: bars at both ends, and a line of dashes under the head. */
const DRAWN = /^\s*\|.*\|\s*$/;
const DASHES = /^[\s:|+-]+$/;

/** Spaces that do not break, and marks nobody sees, as plain spaces. */
const plainCell = (cell: string): string =>
  cell
    .replace(/[\u00a0\u202f\u2007]/g, " ")
    .replace(/[\u200b\ufeff]/g, "")
    .trim();

/** What separates cells, the surest sign first: nobody writes tabs into a cell, many write commas. */
const SEPARATORS = ["\t", ";", ",", "|"] as const;
function separatorOf(lines: readonly string[]): string {
  const filled = lines.filter((line) => line.trim() !== "");
  const has = (sign: string): number => filled.filter((line) => line.includes(sign)).length;
  return SEPARATORS.find((sign) => has(sign) * 2 >= filled.length) ?? ",";
}

function parsed(text: string, delimiter: string): string[][] {
  const { data, errors } = Papa.parse<string[]>(text, { delimiter, skipEmptyLines: false });
  if (!errors.some(({ type }) => type === "Quotes")) return data;
  // An inch mark, or a quotation mark that is never closed: then none of them holds cells together.
  return Papa.parse<string[]>(text, { delimiter, quoteChar: "\0", skipEmptyLines: false }).data;
}

/**
 * Cells of a table as people paste or save it, whatever separates them: commas, semicolons, tabs, bars. Blank rows are
 * left out; nothing is interpreted.
 */
export function gridOfText(text: string): GridRow[] {
  let plain = text.replace(/^\uFEFF/, "").replace(/\r\n?/g, "\n");
  const separator = SEPARATOR_LINE.exec(plain)?.[1] ?? "";
  if (separator !== "") plain = plain.replace(SEPARATOR_LINE, "\n");
  const lines = plain.split("\n");
  const isDrawn = lines.filter((line) => line.trim() !== "").every((line) => DRAWN.test(line) || DASHES.test(line));
  if (isDrawn && plain.trim() !== "") {
    return numbered(
      lines.map((line) => (DASHES.test(line) ? [] : line.trim().slice(1, -1).split("|"))),
      lines.map(() => 1),
    );
  }
  const rows = parsed(plain, separator || separatorOf(lines));
  return numbered(
    rows,
    rows.map((cells) => 1 + cells.reduce((sum, cell) => sum + cell.split("\n").length - 1, 0)),
  );
}

function numbered(rows: readonly (readonly string[])[], heights: readonly number[]): GridRow[] {
  let line = 1;
  return rows.flatMap((row, index): GridRow[] => {
    const own = { line, cells: row.map(plainCell) };
    line += heights[index]!;
    return own.cells.some((cell) => cell !== "") ? [own] : [];
  });
}

/** Cells as a reader of spreadsheets gives them: days as ISO dates, numbers with a decimal point. */
export function gridOfSheet(rows: readonly (readonly unknown[])[]): GridRow[] {
  const textOf = (cell: unknown): string =>
    cell instanceof Date
      ? cell.toISOString().replace(/T00:00:00\.000Z$/, "")
      : typeof cell === "string" || typeof cell === "number" || typeof cell === "boolean"
        ? String(cell)
        : "";
  return numbered(
    rows.map((row) => row.map(textOf)),
    rows.map(() => 1),
  );
}
