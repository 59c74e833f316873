import * as m from "@/messages";
import { z } from "zod";
import { MOST_PIECES_AT_ONCE, pieceSchema, type PieceInFile } from "../wire/kit/kit-schema";
import type { DecimalMark } from "../any-table/numbers";
import { atLine, readTable, type TableRow, type Told } from "../table/read-table";
import { flagOf, KIT_COLUMNS, materialValues, type KitRow } from "./columns";
import { MINOR_PER_UNIT } from "../../core/pieces";
import { KIT_FORMAT_VERSION } from "./write-kit";

/** What a file holds: pieces, what could not be read, and what is not known here. */
export type ReadKit = {
  readonly pieces: readonly PieceInFile[];
  readonly problems: readonly Told[];
  readonly notes: readonly Told[];
};
/** Letters of a file that are read at once. */
export const MOST_KIT_TEXT = 4_000_000;
const fail = (reason: string): ReadKit => ({ pieces: [], problems: [{ at: "", reason }], notes: [] });
const tooMany = (count: number): ReadKit =>
  fail(m.itHoldsPiecesCanBeAdded({ count, mostPiecesAtOnce: MOST_PIECES_AT_ONCE }));

const fileSchema = z.strictObject({
  formatVersion: z.literal(KIT_FORMAT_VERSION),
  pieces: z.array(z.unknown()),
});

/** The JSON Schema of a kit file. */
export const kitFileJsonSchema = (): object =>
  z.toJSONSchema(fileSchema.extend({ pieces: z.array(pieceSchema).max(MOST_PIECES_AT_ONCE) }), { io: "input" });

const reasonOf = ({ issues }: z.ZodError): string =>
  issues.map(({ path, message }) => `${path.join(".") || "piece"}: ${message}`).join("; ");

function readJson(text: string): ReadKit {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return fail(m.thisIsNoJsonTheText);
  }
  const file = fileSchema.safeParse(parsed);
  if (!file.success) return fail(m.thisIsNoKitFile({ reasonOf: reasonOf(file.error) }));
  if (file.data.pieces.length > MOST_PIECES_AT_ONCE) return tooMany(file.data.pieces.length);
  const read = file.data.pieces.map((piece) => pieceSchema.safeParse(piece));
  return {
    pieces: read.flatMap(({ data }) => data ?? []),
    problems: read.flatMap(({ error }, index) =>
      error ? [{ at: m.piece({ index: index + 1 }), reason: reasonOf(error) }] : [],
    ),
    notes: [],
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

type Numbered = { readonly line: number; readonly cells: KitRow };

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

/** The row of a piece that says what belongs to the whole of it, wherever a sorted table has put it. */
const headOf = (rows: readonly Numbered[]): Numbered => rows.find(({ cells }) => cells.name?.trim()) ?? rows[0]!;

function pieceOf(rows: readonly Numbered[], numberOf: (text: string) => number): unknown {
  const { cells: head } = headOf(rows);
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
    fingersTogether: flagOf(head.fingersTogether ?? ""),
    traits: fromJson(head.traits),
    care: fromJson(head.care),
    massG: massG ?? null,
    priceMinor: price === undefined ? null : Math.round(price * MINOR_PER_UNIT),
    currency: price === undefined ? null : (head.currency?.trim() ?? null),
    note: unquoted(head.note),
  };
}

/** Rows by piece: by what stands under "piece", wherever it stands; without it a row without a name goes on with the last. */
function groupsOf(rows: readonly TableRow[]): Numbered[][] {
  const groups: Numbered[][] = [];
  const byPiece = new Map<string, Numbered[]>();
  for (const { line, cells } of rows) {
    const own = cells["piece"]?.trim();
    const known = own ? byPiece.get(own) : cells["name"]?.trim() ? undefined : groups.at(-1);
    if (known) known.push({ line, cells });
    else {
      const group = [{ line, cells }];
      groups.push(group);
      if (own) byPiece.set(own, group);
    }
  }
  return groups;
}

function readCsv(text: string, mark: DecimalMark): ReadKit {
  const { columns, rows, problems, notes } = readTable(text, KIT_COLUMNS);
  const missing = (["name", "kind", "material"] as const).filter((column) => !columns.includes(column));
  if (missing.length > 0)
    return fail(
      m.theHeadOfTheTableLacks({ missing: missing.join(", "), kitColumns: KIT_COLUMNS.slice(0, 4).join(", ") }),
    );
  const groups = groupsOf(rows);
  if (groups.length > MOST_PIECES_AT_ONCE) return tooMany(groups.length);
  const numberOf = numberWith(mark);
  const read = groups.map((own) => ({ line: headOf(own).line, result: pieceSchema.safeParse(pieceOf(own, numberOf)) }));
  return {
    pieces: read.flatMap(({ result }) => result.data ?? []),
    problems: [
      ...problems,
      ...read.flatMap(({ line, result }) =>
        result.error ? [{ at: atLine(line), reason: reasonOf(result.error) }] : [],
      ),
    ],
    notes,
  };
}

/** Whether a text is a kit as Umiak writes one, and no list of somebody's own: JSON, or a table with its columns. */
export function isOwnFormat(text: string): boolean {
  const plain = text.replace(/^\uFEFF/, "").trimStart();
  if (plain.startsWith("{")) return true;
  const head = plain
    .split("\n", 1)[0]!
    .split(/[,;\t]/)
    .map((name) => name.trim());
  return (["name", "kind", "material"] as const).every((column) => head.includes(column));
}

/** Whether a table writes its decimals with a comma: told by its own delimiter, to be asked of the person. */
export const guessedMark = (text: string): DecimalMark => (text.split("\n", 1)[0]!.includes(";") ? "comma" : "point");

/**
 * Reads a kit from CSV or JSON; what can be read is given, what cannot is named with its line.
 * @param mark decimal mark of a table; JSON has its own
 */
export function readKit(text: string, mark: DecimalMark): ReadKit {
  if (text.length > MOST_KIT_TEXT) return fail(m.theFileIsLongerThanFour);
  if (text.includes("\0")) return fail(m.thisIsNoTextFile);
  const trimmed = text.replace(/^\uFEFF/, "").trim();
  if (trimmed === "") return fail(m.thereIsNothingInIt);
  return trimmed.startsWith("{") ? readJson(trimmed) : readCsv(trimmed, mark);
}
