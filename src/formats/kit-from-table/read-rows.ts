import * as m from "@/messages";
import type { GridRow } from "../any-table/grid";
import { decimalMarkOf, NUMBERS, valueOf, type DecimalMark } from "../any-table/numbers";
import { folded } from "../any-table/words";
import { atLine, type Told } from "../table/read-table";
import { MOST_PIECES_AT_ONCE } from "../wire/kit/kit-schema";
import { guessKind } from "./kind-patterns";
import { headOf, keyOf } from "../any-table/said";
import { columnsOfList, type ListColumns } from "./list-columns";
import type { KitMapping } from "./mapping";
import { massUnitBySize, massUnitOfHead, type MassUnit } from "./mass";
import { currencyIn } from "./money";
import { readRow, type KitRow, type Reading } from "./read-row";
import type { KitRole } from "./roles";

/** A column as it was understood: its head, what it holds, and an example. */
export type KitColumn = { readonly head: string; readonly role: KitRole | null; readonly example: string };

export type KitRows = {
  readonly columns: readonly KitColumn[];
  readonly rows: readonly KitRow[];
  readonly massUnit: MassUnit;
  /** Nothing in the list names the unit of its masses, and their size does not tell. */
  readonly isMassUnitAsked: boolean;
  readonly mark: DecimalMark | null;
  readonly problems: readonly Told[];
  readonly notes: readonly Told[];
};

const TOTAL =
  /^(sum|total|totals|totalt|i alt|subtotal|gesamt|summe|avg|average|base weight|worn weight|pack weight)\b/;
/** The decimal mark and the unit of masses of a list, and whether the unit has to be asked. */
function unitsOf({ heads, roles, body }: ListColumns, cellsOf: Reading["cellsOf"], mapping: KitMapping) {
  const massCells = body.flatMap((row) => cellsOf(row, "mass"));
  const mark =
    mapping.mark ?? decimalMarkOf(body.flatMap((row) => [...cellsOf(row, "mass"), ...cellsOf(row, "price")]));
  const ofHead = heads.flatMap((head, index) => (roles[index] === "mass" ? (massUnitOfHead(head) ?? []) : []))[0];
  const sizes = massCells
    .filter((cell) => !/\p{L}/u.test(cell))
    .map((cell) => valueOf(cell.match(NUMBERS)?.[0] ?? "0", mark, true))
    .filter((value) => value > 0);
  const bySize = massUnitBySize(sizes);
  return {
    mark,
    massUnit: mapping.massUnit ?? ofHead ?? bySize ?? "g",
    isMassUnitAsked: mapping.massUnit === null && !ofHead && sizes.length > 0 && bySize === null,
  };
}

/** Whether a cell that stands alone in its row heads those below it: it names no piece, or is written as a title. */
const isSection = (only: string, name: string): boolean =>
  !/\d{2}/.test(only) && (name === "" || guessKind(name, "", "") === null || /:$|^[^\p{Ll}]+$/u.test(only));

type Found = { readonly rows: KitRow[]; readonly problems: Told[]; readonly notes: Told[] };

/** Rows of pieces; heads that come again, sections and sums are none. */
function rowsOf({ headAt, heads, body }: ListColumns, grid: readonly GridRow[], reading: Reading): Found {
  const found: Found = { rows: [], problems: [], notes: [] };
  const names = new Set<string>();
  let section = "";
  for (const row of body) {
    const filled = row.cells.filter((cell) => cell !== "");
    const name = reading.cellsOf(row, "name").join(" ").trim();
    if (headAt >= 0 && row.cells.join() === grid[headAt]!.cells.join()) continue;
    if (filled.length === 1 && heads.length > 1 && isSection(filled[0]!, name)) section = filled[0]!;
    else if (TOTAL.test(folded(name || filled[0]!)))
      found.notes.push({ at: atLine(row.line), reason: m.isTakenAsASumAnd({ name: name || filled[0]! }) });
    else if (name === "")
      found.problems.push({ at: atLine(row.line), reason: m.namesNoPiece({ filled: filled.join(" · ") }) });
    else {
      const own = readRow(row, section, reading);
      const isAgain = names.has(keyOf(own.name));
      found.rows.push(isAgain ? { ...own, told: [...own.told, m.standsInTheListBefore] } : own);
      names.add(keyOf(own.name));
    }
  }
  return found;
}

/**
 * Reads clothes from any list: finds its head, guesses what columns hold and what rows are, and says of each row how it
 * was understood. What was said before of like heads and names is taken from the mapping.
 * @param ownCurrency of prices that name none
 */
export function readKitRows(grid: readonly GridRow[], mapping: KitMapping, ownCurrency: string): KitRows {
  const list = columnsOfList(grid, mapping);
  const { heads, roles, body } = list;
  const cellsOf = (row: GridRow, role: KitRole): string[] =>
    roles.flatMap((own, index) => (own === role && row.cells[index] ? [row.cells[index]] : []));
  const { mark, massUnit, isMassUnitAsked } = unitsOf(list, cellsOf, mapping);
  const ofMoney = heads.filter((_, index) => roles[index] === "price" || roles[index] === "currency").join(" ");
  const currency = mapping.currency ?? currencyIn(ofMoney) ?? ownCurrency;
  const { rows, problems, notes } = rowsOf(list, grid, { cellsOf, mark, massUnit, currency, mapping });
  if (rows.length > MOST_PIECES_AT_ONCE)
    problems.push({
      at: "",
      reason: m.itHoldsRowsAreReadAt({ length: rows.length, mostPiecesAtOnce: MOST_PIECES_AT_ONCE }),
    });
  const columns = heads.map((head, index) => ({
    head: headOf(head, index),
    role: roles[index] ?? null,
    example: body.map(({ cells }) => cells[index] ?? "").find((cell) => cell !== "") ?? "",
  }));
  return {
    columns: columns.filter(({ example }) => example !== ""),
    rows: rows.slice(0, MOST_PIECES_AT_ONCE),
    massUnit,
    isMassUnitAsked,
    mark,
    problems,
    notes,
  };
}
