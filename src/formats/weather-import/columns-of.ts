import * as m from "@/messages";
import type { GridRow } from "../any-table/grid";
import { headOf, saidOf } from "../any-table/said";
import type { Told } from "../table/read-table";
import { WEATHER_COLUMNS, type WeatherColumn } from "./columns";
import { figureOf, isGiven } from "./figure";
import type { WeatherMapping } from "./mapping";
import { guessColumn, type WeatherHabits } from "./guess-column";
import { unitBehind, type Rows } from "./rows-of";
import { readWhen } from "./when";

type Understood = { readonly columns: readonly (WeatherColumn | null)[]; readonly notes: readonly Told[] };

/** What each column holds: as it was said before, as its head says, or, without heads, as its cells look. */
export function columnsOf({ heads, units, rows }: Rows, habits: WeatherHabits, mapping: WeatherMapping): Understood {
  const notes: Told[] = [];
  const firstCell = (index: number): string => rows.map(({ cells }) => cells[index]).find(isGiven) ?? "";
  const isWithoutHeads = heads.every((head) => head === "");
  const byContent = isWithoutHeads
    ? contentColumns(
        heads.map((_, index) => firstCell(index)),
        habits,
      )
    : [];
  const guesses = heads.map((head, index) => guessColumn(head, units[index] || unitBehind(firstCell(index)), habits));
  const columns = heads.map((head, index): WeatherColumn | null => {
    const said = saidOf(mapping, headOf(head, index));
    if (said !== undefined) return said || null;
    if (byContent[index]) return byContent[index];
    const guess = guesses[index];
    if (!guess) return null;
    const when = whenColumn(guess.column, firstCell(index));
    if (when !== undefined) return when;
    const field = WEATHER_COLUMNS[guess.column].field;
    const best = guesses.reduce<number | null>(
      (found, other, at) =>
        other &&
        WEATHER_COLUMNS[other.column].field === field &&
        (found === null || other.weight > guesses[found]!.weight)
          ? at
          : found,
      null,
    );
    if (best !== index) return null;
    if (guess.isUnitUsual)
      notes.push({ at: "", reason: m.namesNoUnitTakenAs({ head, words: WEATHER_COLUMNS[guess.column].words }) });
    return guess.column;
  });
  if (isWithoutHeads && columns.some((column) => column !== null))
    notes.push({
      at: "",
      reason: m.thereIsNoHeadTheColumns({
        flatMap: columns.flatMap((own) => (own ? WEATHER_COLUMNS[own].words : [])).join(", "),
      }),
    });
  const unused = heads.filter((head, index) => columns[index] === null && firstCell(index) !== "" && head !== "");
  if (unused.length > 0) notes.push({ at: "", reason: m.notNeededAndLeftOut({ unused: unused.join(", ") }) });
  return { columns, notes };
}

/** A column of times may hold days, times of day or both, whatever its head says; `undefined`: it is none of times. */
function whenColumn(column: WeatherColumn, cell: string): WeatherColumn | null | undefined {
  if (column !== "time" && column !== "date" && column !== "clock") return undefined;
  const when = readWhen(cell, false) ?? readWhen(cell, true);
  if (when) return when.day && when.clock ? "time" : when.day ? "date" : "clock";
  return /^\d{1,2}$/.test(cell) ? "clock" : column;
}

/** Columns without heads: when, then the air, then the wind. */
function contentColumns(cells: readonly string[], habits: WeatherHabits): (WeatherColumn | null)[] {
  const wanted: WeatherColumn[] = [
    habits.temperature === "F" ? "airF" : "airC",
    ({ "m/s": "windMPerS", "km/h": "windKmPerH", mph: "windMph", kn: "windKn" } as const)[habits.wind],
  ];
  return cells.map((cell) => {
    const when = readWhen(cell, habits.isMonthFirst);
    if (when && (when.day || when.clock) && !/^-?\d+([.,]\d+)?$/.test(cell)) return whenColumn("time", cell) ?? null;
    return figureOf(cell) === null ? null : (wanted.shift() ?? null);
  });
}

/** Columns in per cent whose numbers are shares of one: all up to 1, and one of them more than 0. */
export function shareColumns(
  rows: readonly GridRow[],
  columns: readonly (WeatherColumn | null)[],
): ReadonlySet<number> {
  const isShare = (index: number): boolean => {
    const values = rows.flatMap(({ cells }) => (isGiven(cells[index]) ? (figureOf(cells[index]) ?? []) : []));
    return values.length > 0 && values.every((value) => value >= 0 && value <= 1) && values.some((value) => value > 0);
  };
  const inPercent = columns.flatMap((column, index) =>
    column === "humidity" || column === "cloudPercent" ? [index] : [],
  );
  return new Set(inPercent.filter(isShare));
}
