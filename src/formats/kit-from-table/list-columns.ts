import { findHead, roleOfHead } from "../any-table/heads";
import type { GridRow } from "../any-table/grid";
import { headOf, saidOf } from "../any-table/said";
import type { KitMapping } from "./mapping";
import { currencyIn } from "./money";
import { KIT_ROLE_WORDS, type KitRole } from "./roles";

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

/** Heads and roles of the columns, and the rows under them. */
export type ListColumns = {
  /** Index of the row of heads; −1 where there is none. */
  readonly headAt: number;
  readonly heads: readonly string[];
  readonly roles: readonly (KitRole | null)[];
  readonly body: readonly GridRow[];
};

/** What the columns of a list hold: as was said before, as heads say, or, without heads, as cells look. */
export function columnsOfList(grid: readonly GridRow[], mapping: KitMapping): ListColumns {
  const found = findHead(grid, {
    roleOf: (cell) => roleOfHead(cell, KIT_ROLE_WORDS),
    isEnough: (named) => named.size > 1 || named.has("name"),
    isUnit,
  });
  const body = grid.slice(found.at + 1);
  const width = Math.max(0, ...grid.map(({ cells }) => cells.length));
  const byContent = found.at < 0 ? rolesByContent(body, width) : [];
  const heads = Array.from({ length: width }, (_, index) => found.heads[index] ?? "");
  const said = heads.map((head, index) => saidOf(mapping.roles, headOf(head, index)));
  const roles = heads.map((head, index): KitRole | null => {
    const own = said[index];
    if (own !== undefined) return own || null;
    return byContent[index] ?? (head === "" ? null : roleOfHead(head, KIT_ROLE_WORDS));
  });
  if (!roles.includes("name") && found.at >= 0) {
    // A list whose first column has no head, or one we do not know: what is named there is the piece.
    const first = roles.findIndex((role, index) => role === null && said[index] === undefined);
    const at = first >= 0 ? first : roles.indexOf("kind");
    if (at >= 0) roles[at] = "name";
  }
  return { headAt: found.at, heads, roles, body };
}
