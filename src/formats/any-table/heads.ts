import type { GridRow } from "./grid";
import { folded, wordsOf } from "./words";

/** Words a head may have for what its column holds, by role; the first role that has one of them is taken. */
export type RoleWords<Role extends string> = Readonly<Record<Role, readonly string[]>>;

/** Rows looked at for a head: above it stand titles, owners, dates. */
const HEAD_WITHIN_ROWS = 12;
/** A head begins with a word, or with a sign such as €, never with a figure. */
const BEGINS_AS_FIGURE = /^[-+−~]?\d/;

/** The role a head's words ask for, `null` where none does. */
export function roleOfHead<Role extends string>(head: string, words: RoleWords<Role>): Role | null {
  const whole = folded(head);
  const own = wordsOf(head);
  const roles = Object.keys(words) as Role[];
  return (
    roles.find((role) => words[role].includes(whole)) ??
    roles.find((role) => words[role].some((word) => own.includes(word))) ??
    roles.find((role) => words[role].some((word) => word.includes(" ") && whole.includes(word))) ??
    null
  );
}

export type FoundHead = {
  /** Index among the rows; −1 where there is none. */
  readonly at: number;
  readonly heads: readonly string[];
};
export type HeadSearch<Role extends string> = {
  readonly roleOf: (cell: string) => Role | null;
  /** Whether the roles a row names make it the head. */
  readonly isEnough: (roles: ReadonlySet<Role>) => boolean;
  /** Whether a cell is a unit on its own, such as "g": a row of units under the head joins it. */
  readonly isUnit: (cell: string) => boolean;
};

/** The row that names the columns: of the first ones the one that names most roles. */
export function findHead<Role extends string>(
  rows: readonly GridRow[],
  { roleOf, isEnough, isUnit }: HeadSearch<Role>,
): FoundHead {
  let best = { at: -1, roles: 0 };
  rows.slice(0, HEAD_WITHIN_ROWS).forEach(({ cells }, at) => {
    const filled = cells.filter((cell) => cell !== "");
    const roles = new Set(filled.flatMap((cell) => roleOf(cell) ?? []));
    const isMostly = roles.size * 3 >= filled.length && !filled.some((cell) => BEGINS_AS_FIGURE.test(cell));
    if (roles.size > best.roles && isMostly && isEnough(roles)) best = { at, roles: roles.size };
  });
  if (best.at < 0) return { at: -1, heads: [] };
  const heads = rows[best.at]!.cells;
  const units = rows[best.at + 1]?.cells ?? [];
  const filled = units.filter((cell) => cell !== "");
  if (filled.length === 0 || !filled.every(isUnit)) return { at: best.at, heads };
  return { at: best.at + 1, heads: heads.map((head, index) => (units[index] ? `${head} (${units[index]})` : head)) };
}
