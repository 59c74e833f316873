import Papa from "papaparse";
import { z } from "zod";
import { MOST_PIECES_AT_ONCE, pieceSchema, type PieceInFile } from "../wire/kit-schema";
import { KIT_COLUMNS, materialValues, type KitRow } from "./columns";
import { MINOR_PER_UNIT } from "../money";
import { KIT_FORMAT_VERSION } from "./write-kit";

/** What is wrong, and in which row; row 0 is the whole file, 1 the first below the head. */
export type KitProblem = { readonly row: number; readonly reason: string };
export type ReadKit = { readonly pieces: readonly PieceInFile[]; readonly problems: readonly KitProblem[] };
export type DecimalMark = "point" | "comma";

const MOST_TEXT = 4_000_000;
const fail = (reason: string): ReadKit => ({ pieces: [], problems: [{ row: 0, reason }] });

const fileSchema = z.strictObject({
  formatVersion: z.literal(KIT_FORMAT_VERSION),
  pieces: z.array(z.unknown()).max(MOST_PIECES_AT_ONCE),
});

/** The JSON Schema of a kit file. */
export const kitFileJsonSchema = (): object =>
  z.toJSONSchema(fileSchema.extend({ pieces: z.array(pieceSchema) }), { io: "input" });

const reasonOf = ({ issues }: z.ZodError): string =>
  issues.map(({ path, message }) => `${path.join(".") || "piece"}: ${message}`).join("; ");

function readJson(text: string): ReadKit {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return fail("This is no JSON: the text breaks off or holds a mistake.");
  }
  const file = fileSchema.safeParse(parsed);
  if (!file.success) return fail(`This is no kit file: ${reasonOf(file.error)}.`);
  const read = file.data.pieces.map((piece) => pieceSchema.safeParse(piece));
  return {
    pieces: read.flatMap(({ data }) => data ?? []),
    problems: read.flatMap(({ error }, place) => (error ? [{ row: place + 1, reason: reasonOf(error) }] : [])),
  };
}

const unquoted = (text: string | undefined): string => (text ?? "").replace(/^'(?=[=+\-@\t\r'])/, "");

/** A number as people write it with such a mark; what is none stays no number. */
function numberWith(mark: DecimalMark): (text: string) => number {
  return (text) => {
    const plain = mark === "comma" ? text.replace(",", ".") : text;
    return /^-?\d*\.?\d+(e-?\d+)?$/i.test(plain) ? Number(plain) : NaN;
  };
}

type Numbered = { readonly row: number; readonly cells: KitRow };

/** Panels of a piece from its rows, materials in the order they stand. */
function panelsOf(rows: readonly Numbered[], numberOf: (text: string) => number): unknown[] {
  const panels = new Map<string, { patches: string[]; part?: string; coverShare?: number; materials: unknown[] }>();
  let key = "";
  for (const { cells } of rows) {
    key = cells.panel?.trim() || cells.patches?.trim() || key;
    const panel = panels.get(key) ?? {
      patches: (cells.patches ?? "").split(/[\s;]+/).filter((patch) => patch !== ""),
      ...(cells.part?.trim() && { part: unquoted(cells.part.trim()) }),
      ...(cells.coverShare?.trim() && { coverShare: numberOf(cells.coverShare.trim()) }),
      materials: [],
    };
    panel.materials.push(materialValues(cells, numberOf));
    panels.set(key, panel);
  }
  return [...panels.values()];
}

/** A cell that holds JSON: traits and care. */
function fromJson(text: string | undefined): unknown {
  if (!text?.trim()) return {};
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return text; // refused by the schema, with its reason
  }
}

function pieceOf(rows: readonly Numbered[], numberOf: (text: string) => number): unknown {
  const { cells: head } = rows[0]!;
  const optional = (text: string | undefined): number | undefined => (text?.trim() ? numberOf(text.trim()) : undefined);
  const price = optional(head.price);
  const easeMm = optional(head.easeMm);
  const massG = optional(head.massG);
  return {
    name: unquoted(head.name),
    kind: head.kind?.trim(),
    label: {
      kind: "panels",
      panels: panelsOf(rows, numberOf),
      face: head.face?.trim(),
      fit: head.fit?.trim() || "regular",
      wear: head.wear?.trim() || "new",
      assembly: head.assembly?.trim() || "none",
      ...(easeMm !== undefined && { easeMm }),
    },
    fingersTogether: head.fingersTogether?.trim().toLowerCase() === "true",
    traits: fromJson(head.traits),
    care: fromJson(head.care),
    massG: massG ?? null,
    priceMinor: price === undefined ? null : Math.round(price * MINOR_PER_UNIT),
    currency: price === undefined ? null : (head.currency?.trim() ?? null),
    note: unquoted(head.note),
  };
}

function readCsv(text: string, mark: DecimalMark): ReadKit {
  const { data, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: "greedy" });
  const missing = (["name", "kind", "material"] as const).filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0)
    return fail(`The head of the table lacks ${missing.join(", ")}; it begins ${KIT_COLUMNS.slice(0, 4).join(", ")} …`);
  const groups: Numbered[][] = [];
  data.forEach((cells: KitRow, place) => {
    const last = groups.at(-1);
    const own = cells.piece?.trim();
    const goesOn = last && (own ? last[0]!.cells.piece?.trim() === own : !cells.name?.trim());
    if (goesOn) last.push({ row: place + 1, cells });
    else groups.push([{ row: place + 1, cells }]);
  });
  const numberOf = numberWith(mark);
  const read = groups.map((rows) => ({ row: rows[0]!.row, result: pieceSchema.safeParse(pieceOf(rows, numberOf)) }));
  return {
    pieces: read.flatMap(({ result }) => result.data ?? []),
    problems: read.flatMap(({ row, result }) => (result.error ? [{ row, reason: reasonOf(result.error) }] : [])),
  };
}

/** Whether a table writes its decimals with a comma: told by its own delimiter, to be asked of the person. */
export const guessedMark = (text: string): DecimalMark => (text.split("\n", 1)[0]!.includes(";") ? "comma" : "point");

/**
 * Reads a kit from CSV or JSON; what can be read is given, what cannot is named with its row.
 * @param mark decimal mark of a table; JSON has its own
 */
export function readKit(text: string, mark: DecimalMark): ReadKit {
  if (text.length > MOST_TEXT) return fail("The file is longer than four million letters; divide it.");
  if (text.includes("\0")) return fail("This is no text file.");
  const trimmed = text.replace(/^\uFEFF/, "").trim();
  if (trimmed === "") return fail("There is nothing in it.");
  return trimmed.startsWith("{") ? readJson(trimmed) : readCsv(trimmed, mark);
}
