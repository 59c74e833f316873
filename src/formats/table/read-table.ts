import * as m from "@/messages";
import Papa from "papaparse";

/** What is told of a file: where, such as "line 3" (the head is line 1), or "" for the whole of it. */
export type Told = { readonly at: string; readonly reason: string };

export type TableRow = {
  /** Line of the file at which the row begins. */
  readonly line: number;
  readonly cells: Readonly<Record<string, string>>;
};

export type ReadTable = {
  readonly columns: readonly string[];
  readonly rows: readonly TableRow[];
  /** What could not be read and is left out. */
  readonly problems: readonly Told[];
  /** What was read and means nothing here. */
  readonly notes: readonly Told[];
};

export const atLine = (line: number): string => m.line({ line });

const newlinesIn = (cells: readonly string[]): number =>
  cells.reduce((sum, cell) => sum + cell.split("\n").length - 1, 0);
const isBlank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === "");

/** The lines at which rows begin; cells in quotes may hold some. */
function lined(rows: readonly (readonly string[])[]): { line: number; cells: readonly string[] }[] {
  let line = 1;
  return rows.map((cells) => {
    const own = { line, cells };
    line += 1 + newlinesIn(cells);
    return own;
  });
}

/** What is wrong with a head; `null` when nothing is. */
function headProblem(columns: readonly string[]): string | null {
  const twice = columns.find((name, index) => name !== "" && columns.indexOf(name) !== index);
  return twice === undefined ? null : m.namesTheColumnTwiceTakeOne({ twice });
}

/**
 * Reads a table with a head, whatever separates cells and lines. Nothing is lost in silence: rows that are short, long or
 * broken are named by their line, columns that mean nothing here by their name.
 * @param known columns that mean something
 */
export function readTable(text: string, known: readonly string[]): ReadTable {
  const plain = text.replace(/^\uFEFF/, "").replace(/\r\n?/g, "\n");
  const { data, errors } = Papa.parse<string[]>(plain, { header: false, skipEmptyLines: false });
  const rows = lined(data);
  const [head, ...body] = rows.filter(({ cells }) => !isBlank(cells));
  const columns = (head?.cells ?? []).map((name) => name.trim());
  const empty = { columns, rows: [], notes: [] };
  const doubled = headProblem(columns);
  if (doubled !== null) return { ...empty, problems: [{ at: atLine(head?.line ?? 1), reason: doubled }] };
  // A quotation mark that is never closed swallows the rest of the file: it is the row it stands in.
  const broken = new Set(errors.filter(({ type }) => type === "Quotes").map(({ row }) => rows[row ?? 0]?.line ?? 1));
  const problems: Told[] = [];
  const kept = body.flatMap(({ line, cells }): TableRow[] => {
    const refuse = (reason: string): TableRow[] => {
      problems.push({ at: atLine(line), reason });
      return [];
    };
    if (broken.has(line)) return refuse(m.opensAQuotationMarkThatIs);
    if (cells.length < columns.length)
      return refuse(m.hasCellsWhereTheHeadHas({ length: cells.length, length2: columns.length }));
    if (!isBlank(cells.slice(columns.length)))
      return refuse(m.hasCellsWhereTheHeadHas2({ length: cells.length, length2: columns.length }));
    return [{ line, cells: Object.fromEntries(columns.map((name, index) => [name, cells[index]!])) }];
  });
  const unknown = columns.filter((name) => name !== "" && !known.includes(name));
  const notes = unknown.map((name) => ({
    at: atLine(head?.line ?? 1),
    reason: m.theColumnIsNotKnownAnd({ name }),
  }));
  return { columns, rows: kept, problems, notes };
}
