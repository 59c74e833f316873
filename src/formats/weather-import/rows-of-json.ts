import * as m from "@/messages";
import { SECONDS_PER_MINUTE } from "@/core/units";
import type { GridRow } from "../any-table/grid";

/** Rows of a JSON text as cells under heads, with units where the text gives them by name. */
export type JsonRows = {
  readonly heads: readonly string[];
  readonly units: Readonly<Record<string, string>>;
  readonly rows: readonly GridRow[];
  /** Offset of times that name none, minutes east of UTC, where the text says. */
  readonly offsetMinutes: number | null;
};

type Item = Readonly<Record<string, unknown>>;
const isItem = (value: unknown): value is Item => typeof value === "object" && value !== null && !Array.isArray(value);

/** Deeper than any service nests its hours. */
const DEEPEST = 6;

function* itemsIn(value: unknown, depth = 0): Generator<Item> {
  if (depth > DEEPEST) return;
  if (isItem(value)) {
    yield value;
    for (const own of Object.values(value)) yield* itemsIn(own, depth + 1);
  } else if (Array.isArray(value) && depth > 0) for (const own of value.slice(0, 1)) yield* itemsIn(own, depth + 1);
}

const cellOf = (value: unknown): string =>
  typeof value === "number" || typeof value === "string" || typeof value === "boolean" ? String(value) : "";

/** Names by their path: {"air": {"t": 1}} has "air.t". */
function flat(item: Item, path = ""): Record<string, string> {
  return Object.fromEntries(
    Object.entries(item).flatMap(([name, value]): [string, string][] => {
      const own = path === "" ? name : `${path}.${name}`;
      return isItem(value) ? Object.entries(flat(value, own)) : [[own, cellOf(value)]];
    }),
  );
}

const inOrder = (rows: readonly Record<string, string>[]): Pick<JsonRows, "heads" | "rows"> => {
  const heads = [...new Set(rows.flatMap((row) => Object.keys(row)))];
  return {
    heads,
    rows: rows.map((row, index) => ({ line: index + 1, cells: heads.map((head) => row[head] ?? "") })),
  };
};

const lists = (item: Item): [string, readonly unknown[]][] =>
  Object.entries(item).filter((entry): entry is [string, readonly unknown[]] => Array.isArray(entry[1]));

/** Arrays of hours side by side: {"time": [...], "temperature": [...]}. */
function columnar(value: unknown): Pick<JsonRows, "heads" | "rows"> | null {
  for (const item of itemsIn(value)) {
    const [first, ...others] = lists(item).filter(([, list]) => list.length > 0 && !isItem(list[0]));
    if (!first || others.length === 0) continue;
    const same = [first, ...others].filter(([, list]) => list.length === first[1].length);
    if (same.length < 2) continue;
    const heads = same.map(([name]) => name);
    const rows = first[1].map((_, index) => ({ line: index + 1, cells: same.map(([, list]) => cellOf(list[index])) }));
    return { heads, rows };
  }
  return null;
}

/** The longest list of hours: [{"time": ..., "data": {...}}, ...]. */
function listed(value: unknown): Pick<JsonRows, "heads" | "rows"> | null {
  const own = Array.isArray(value) ? [value as readonly unknown[]] : [];
  const all = [...own, ...[...itemsIn(value)].flatMap((item) => lists(item).map(([, list]) => list))];
  const longest = all
    .filter((list) => list.length > 0 && list.every(isItem))
    .sort((one, other) => other.length - one.length)[0];
  return longest ? inOrder((longest as readonly Item[]).map((item) => flat(item))) : null;
}

/** Units by the names of columns, wherever the text lists them: {"hourly_units": {...}} or {"units": {...}}. */
function unitsIn(value: unknown): Record<string, string> {
  const units: Record<string, string> = {};
  for (const item of itemsIn(value))
    for (const [name, own] of Object.entries(item))
      if (/units?$/i.test(name) && isItem(own))
        for (const [column, unit] of Object.entries(own)) if (typeof unit === "string") units[column] = unit;
  return units;
}

function offsetIn(value: unknown): number | null {
  for (const item of itemsIn(value)) {
    const seconds = item["utc_offset_seconds"];
    if (typeof seconds === "number") return seconds / SECONDS_PER_MINUTE;
  }
  return null;
}

/** Hours of weather in a JSON text, in whichever way it holds them; a text says why there are none. */
export function rowsOfJson(text: string): JsonRows | string {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return m.theJsonIsBroken;
  }
  const found = Array.isArray(value) ? listed(value) : (columnar(value) ?? listed(value));
  if (!found) return m.theJsonIsNoListOf;
  return { ...found, units: unitsIn(value), offsetMinutes: offsetIn(value) };
}
