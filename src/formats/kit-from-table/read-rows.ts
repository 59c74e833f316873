import { MOST_PIECES_AT_ONCE } from "../wire/kit/kit-schema";
import { quickPiece, type QuickKey } from "@/core/starter-kit";
import { OUTING_RANGE } from "@/core/outing";
import type { Wear } from "@/core/labels";
import { findHead, roleOfHead } from "../any-table/heads";
import type { GridRow } from "../any-table/grid";
import { decimalMarkOf, NUMBERS, valueOf, type DecimalMark } from "../any-table/numbers";
import { folded } from "../any-table/words";
import { atLine, type Told } from "../table/read-table";
import { figuresIn, type Figures } from "./figures";
import { guessKind, type KindGuess } from "./kind-patterns";
import { mappedKey, saidOf, type KitMapping } from "./mapping";
import { massOf, massUnitBySize, massUnitOfHead, type MassUnit } from "./mass";
import { currencyIn, priceMinorOf } from "./money";
import { KIT_ROLE_WORDS, type KitRole } from "./roles";

/** A column as it was understood: its head, what it holds, and an example. */
export type KitColumn = { readonly head: string; readonly role: KitRole | null; readonly example: string };

/** A row as it was understood. */
export type KitRow = {
  readonly line: number;
  readonly name: string;
  /** `null`: the words do not tell; it has to be said. */
  readonly kind: KindGuess | null;
  readonly figure: number;
  /** Nothing said a figure: the usual one of its kind stands there. */
  readonly isFigureUsual: boolean;
  readonly clo: number | null;
  readonly massG: number | null;
  readonly priceMinor: number | null;
  readonly currency: string | null;
  readonly wear: Wear;
  readonly note: string;
  readonly told: readonly string[];
};

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

const LONGEST_NAME = 120;
const TOTAL =
  /^(sum|total|totals|totalt|i alt|subtotal|gesamt|summe|avg|average|base weight|worn weight|pack weight)\b/;
const WEARS: readonly (readonly [Wear, RegExp])[] = [
  ["muchUsed", /(much|well|heav|old|thin|worn ?out|poor|slitt|gammel|alt\b|abgenutzt|5 ?\/ ?5)/],
  ["new", /(new|unused|mint|ny\b|ubrukt|neu)/],
];
const isUnit = (cell: string): boolean =>
  /^[([]?(g|gr|gram|grams|kg|oz|lb|lbs|mm|cm|in|g\/m[2²]|gsm|clo|€|\$|£|kr|eur|nok|usd|stk|pcs)[)\]]?$/i.test(cell);
const figureOnly = (cell: string): boolean => /\d/.test(cell) && !/\p{L}{4,}/u.test(cell);

/** Roles of columns that have no heads: the first of words is the name, one of figures the mass. */
function rolesByContent(rows: readonly GridRow[], width: number): (KitRole | null)[] {
  const share = (index: number, test: (cell: string) => boolean): number => {
    const filled = rows.map(({ cells }) => cells[index] ?? "").filter((cell) => cell !== "");
    return filled.length === 0 ? 0 : filled.filter(test).length / filled.length;
  };
  let hasName = false;
  let hasMass = false;
  return Array.from({ length: width }, (_, index): KitRole | null => {
    if (share(index, figureOnly) > 0.5) {
      if (share(index, (cell) => currencyIn(cell) !== null) > 0.5) return "price";
      if (share(index, (cell) => /g\/m|gsm|mm\b/i.test(cell)) > 0.5) return "insulation";
      if (hasMass) return null;
      hasMass = true;
      return "mass";
    }
    if (!hasName && share(index, (cell) => /\p{L}{2}/u.test(cell)) > 0.5) {
      hasName = true;
      return "name";
    }
    return hasName && share(index, (cell) => /\p{L}{2}/u.test(cell)) > 0.3 ? "note" : null;
  });
}

/** The figure a kind of piece is known by, from what is said of it in whichever unit; `null` where nothing is. */
function figureFor(key: QuickKey, own: Figures, inName: Figures): { value: number; told?: string } | null {
  const { unit, range, words } = quickPiece(key).figure;
  const within = (value: number | undefined): value is number =>
    value !== undefined && value >= range[0] && value <= range[1];
  const grams = unit === "g/m²" ? "massGPerM2" : "downG";
  if (unit === "mm") {
    const value = own.thicknessMm ?? inName.thicknessMm;
    if (within(value)) return { value };
    return within(own.bare) ? { value: own.bare, told: `${own.bare} is taken as mm` } : null;
  }
  const said = own[grams] ?? inName[grams];
  if (within(said)) return { value: said };
  const bare = own.bareG ?? own.bare ?? inName.bareG ?? (unit === "g/m²" ? inName.bare : undefined);
  return within(bare) ? { value: bare, told: `${bare} is taken as ${unit}: ${words.toLowerCase()}` } : null;
}

type Read = {
  readonly cellsOf: (row: GridRow, role: KitRole) => readonly string[];
  readonly mark: DecimalMark | null;
  readonly massUnit: MassUnit;
  readonly currency: string | null;
  readonly mapping: KitMapping;
};

function readRow(row: GridRow, section: string, { cellsOf, mark, massUnit, currency, mapping }: Read): KitRow {
  const told: string[] = [];
  const whole = (role: KitRole): string => cellsOf(row, role).join(" ").trim();
  const full = whole("name");
  const name = full.slice(0, LONGEST_NAME).replace(/\s+/g, " ");
  if (full.length > LONGEST_NAME) told.push("its name is cut");
  const kind = saidOf(mapping.kinds, name) ?? guessKind(`${name} ${whole("insulation")}`, whole("kind"), section);
  const inColumn = figuresIn(whole("insulation"), mark);
  const read = kind === null || kind === "none" ? null : figureFor(kind, inColumn, figuresIn(name, null));
  if (read?.told) told.push(read.told);
  const mass =
    cellsOf(row, "mass")
      .map((cell) => massOf(cell, massUnit, mark))
      .find((own) => own !== null) ?? null;
  if (mass?.told) told.push(mass.told);
  const [leastG, mostG] = OUTING_RANGE.pieceMassG;
  const isMassKept = mass !== null && mass.massG >= leastG && mass.massG <= mostG;
  if (mass && !isMassKept) told.push(`its mass, ${whole("mass")}, cannot be that of a piece and is left out`);
  const priceCell = cellsOf(row, "price").find((cell) => cell !== "") ?? "";
  const priceMinor = priceMinorOf(priceCell, mark);
  const count = Number(cellsOf(row, "count")[0] ?? "1");
  if (count > 1) told.push(`${count} of it: added once`);
  const condition = folded(whole("wear"));
  return {
    line: row.line,
    name,
    kind,
    figure: read?.value ?? (kind === null || kind === "none" ? 0 : quickPiece(kind).figure.usual),
    isFigureUsual: read === null,
    clo: inColumn.clo ?? null,
    massG: isMassKept ? Math.round(mass.massG) : null,
    priceMinor,
    currency: priceMinor === null ? null : (currencyIn(`${priceCell} ${whole("currency")}`) ?? currency),
    wear: WEARS.find(([, pattern]) => pattern.test(condition))?.[0] ?? "used",
    note: [whole("note"), count > 1 ? `${count} of it` : ""].filter((part) => part !== "").join("; "),
    told,
  };
}

/**
 * Reads clothes from any list: finds its head, guesses what columns hold and what rows are, and says of each row how it
 * was understood. What was said before of like heads and names is taken from the mapping.
 * @param ownCurrency of prices that name none
 */
export function readKitRows(grid: readonly GridRow[], mapping: KitMapping, ownCurrency: string): KitRows {
  const head = findHead(grid, {
    roleOf: (cell) => roleOfHead(cell, KIT_ROLE_WORDS),
    isEnough: (found) => found.size > 1 || found.has("name"),
    isUnit,
  });
  const body = grid.slice(head.at + 1);
  const width = Math.max(0, ...grid.map(({ cells }) => cells.length));
  const byContent = head.at < 0 ? rolesByContent(body, width) : [];
  const heads = Array.from({ length: width }, (_, index) => head.heads[index] || "");
  const roles = heads.map((own, index): KitRole | null => {
    const said = saidOf(mapping.roles, own || `column ${index + 1}`);
    return said !== undefined
      ? said || null
      : (byContent[index] ?? (own === "" ? null : roleOfHead(own, KIT_ROLE_WORDS)));
  });
  if (!roles.includes("name") && head.at >= 0) {
    // A list whose first column has no head, or one we do not know: what is named there is the piece.
    const first = heads.findIndex(
      (own, index) => roles[index] === null && saidOf(mapping.roles, own || `column ${index + 1}`) === undefined,
    );
    const kindAt = roles.indexOf("kind");
    const at = first >= 0 ? first : kindAt;
    if (at >= 0) roles[at] = "name";
  }
  const cellsOf = (row: GridRow, role: KitRole): string[] =>
    roles.flatMap((own, index) => (own === role && row.cells[index] ? [row.cells[index]] : []));
  const massCells = body.flatMap((row) => cellsOf(row, "mass"));
  const mark =
    mapping.mark ?? decimalMarkOf(body.flatMap((row) => [...cellsOf(row, "mass"), ...cellsOf(row, "price")]));
  const unitOfHead = heads
    .map((own, index) => (roles[index] === "mass" ? massUnitOfHead(own) : null))
    .find((own) => own !== null);
  const unitless = massCells.filter((cell) => !/\p{L}/u.test(cell));
  const sizes = unitless
    .map((cell) => valueOf(cell.match(NUMBERS)?.[0] ?? "0", mark, true))
    .filter((value) => value > 0);
  const bySize = massUnitBySize(sizes);
  const headText = heads.filter((_, index) => roles[index] === "price" || roles[index] === "currency").join(" ");
  const read: Read = {
    cellsOf,
    mark,
    massUnit: mapping.massUnit ?? unitOfHead ?? bySize ?? "g",
    currency: mapping.currency ?? currencyIn(headText) ?? ownCurrency,
    mapping,
  };
  const problems: Told[] = [];
  const notes: Told[] = [];
  const rows: KitRow[] = [];
  const names = new Set<string>();
  let section = "";
  for (const row of body) {
    const filled = row.cells.filter((cell) => cell !== "");
    const name = cellsOf(row, "name").join(" ").trim();
    const isHeadAgain = head.at >= 0 && row.cells.join() === grid[head.at]?.cells.join();
    if (isHeadAgain) continue;
    const only = filled.length === 1 ? filled[0]! : null;
    if (
      only !== null &&
      width > 1 &&
      !/\d{2}/.test(only) &&
      (name === "" || guessKind(name, "", "") === null || /:$|^[^\p{Ll}]+$/u.test(only))
    ) {
      section = only;
      continue;
    }
    if (TOTAL.test(folded(name || filled[0]!))) {
      notes.push({ at: atLine(row.line), reason: `“${name || filled[0]!}” is taken as a sum and left out` });
      continue;
    }
    if (name === "") {
      problems.push({ at: atLine(row.line), reason: `names no piece: ${filled.join(" · ")}` });
      continue;
    }
    const own = readRow(row, section, read);
    if (names.has(mappedKey(own.name))) rows.push({ ...own, told: [...own.told, "stands in the list before"] });
    else rows.push(own);
    names.add(mappedKey(own.name));
  }
  if (rows.length > MOST_PIECES_AT_ONCE)
    problems.push({
      at: "",
      reason: `It holds ${rows.length} rows; ${MOST_PIECES_AT_ONCE} are read at once: divide the list.`,
    });
  const columns = heads.map((own, index) => ({
    head: own || `column ${index + 1}`,
    role: roles[index] ?? null,
    example: body.map(({ cells }) => cells[index] ?? "").find((cell) => cell !== "") ?? "",
  }));
  return {
    columns: columns.filter(({ example }) => example !== ""),
    rows: rows.slice(0, MOST_PIECES_AT_ONCE),
    massUnit: read.massUnit,
    isMassUnitAsked: mapping.massUnit === null && !unitOfHead && sizes.length > 0 && bySize === null,
    mark,
    problems,
    notes,
  };
}
