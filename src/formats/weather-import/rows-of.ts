import * as m from "@/messages";
import { MINUTES_PER_HOUR, SECONDS_PER_MINUTE } from "@/core/units";
import { findHead } from "../any-table/heads";
import { gridOfText, type GridRow } from "../any-table/grid";
import { atLine } from "../table/read-table";
import { guessColumn, type WeatherHabits } from "./guess-column";
import { rowsOfJson } from "./rows-of-json";

/** A head that tells when is one, whatever the others are called. */
const TIMES = ["time", "date", "clock"] as const;

/** Rows under their heads, each with where it stands. */
export type Rows = {
  readonly heads: readonly string[];
  readonly units: readonly string[];
  readonly rows: readonly (GridRow & { readonly at: string })[];
  readonly offset: string;
};

const offsetText = (minutes: number): string => {
  const two = (value: number): string => String(Math.floor(value)).padStart(2, "0");
  const size = Math.abs(minutes);
  return `${minutes < 0 ? "-" : "+"}${two(size / MINUTES_PER_HOUR)}:${two(size % MINUTES_PER_HOUR)}`;
};

/** Some services say above the head how far their clock is from UTC. */
function offsetAbove(rows: readonly GridRow[]): string {
  for (const [index, { cells }] of rows.entries()) {
    const at = cells.findIndex((cell) => /utc_offset_seconds/i.test(cell));
    const value = at < 0 ? undefined : rows[index + 1]?.cells[at];
    if (value !== undefined && /^-?\d+$/.test(value)) return offsetText(Number(value) / SECONDS_PER_MINUTE);
  }
  return "";
}

const UNIT = /^(°?[cfk]|celsius|fahrenheit|%|m\/s|km\/h|kph|mph|kn|kts?|mm|in|iso8601|utc|local)$/i;
/** The unit a cell names behind its figure. */
export const unitBehind = (cell: string): string =>
  /\d ?(°? ?[cf]|m\/s|km\/h|kph|mph|kn|kts?|knots|knop|mm|in|%)\b/i.exec(cell)?.[1] ?? "";

/** Rows of a table or of JSON under their heads; a text says why there are none. */
export function rowsOf(text: string, habits: WeatherHabits): Rows | string {
  if (/^\s*[[{]/.test(text)) {
    const found = rowsOfJson(text);
    if (typeof found === "string") return found;
    const { heads, units, rows, offsetMinutes } = found;
    // Of nested names the last part is what the service lists units by.
    const unitOf = (head: string): string => units[head] ?? units[head.split(".").at(-1)!] ?? "";
    return {
      heads,
      units: heads.map(unitOf),
      rows: rows.map((row) => ({ ...row, at: m.entry({ line: row.line }) })),
      offset: offsetMinutes === null ? "" : offsetText(offsetMinutes),
    };
  }
  const grid = gridOfText(text);
  const head = findHead(grid, {
    roleOf: (cell) => guessColumn(cell, "", habits)?.column ?? null,
    isEnough: (found) => found.size > 1 || TIMES.some((column) => found.has(column)),
    isUnit: (cell) => UNIT.test(cell.replace(/[()[\]]/g, "")),
  });
  const width = Math.max(0, ...grid.map(({ cells }) => cells.length));
  return {
    heads: Array.from({ length: width }, (_, index) => head.heads[index] ?? ""),
    units: [],
    rows: grid.slice(head.at + 1).map((row) => ({ ...row, at: atLine(row.line) })),
    offset: offsetAbove(grid.slice(0, Math.max(0, head.at + 1))),
  };
}
