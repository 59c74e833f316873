import { z } from "zod";
import { BENCH_RANGE, MOST_COLUMNS, type BenchSetting } from "@/core/bench";
import { SITTER_POSTURES } from "@/core/sitter";
import { GROUNDS } from "@/core/weather";
import { within } from "../within";

/** Of a bench's setting what an address tells: the weather and the sit, not who sits in what. */
const settingSchema = z.object({
  airTemperatureC: within(BENCH_RANGE.airTemperatureC),
  windAtSeatMPerS: within(BENCH_RANGE.windAtSeatMPerS),
  hours: within(BENCH_RANGE.hours),
  ground: z.enum(GROUNDS),
  posture: z.enum(SITTER_POSTURES),
  wetShare: within([0, 1]).optional(),
});
type LinkedSetting = z.infer<typeof settingSchema>;

const MOST_PIECES = 8;
const LONGEST_ID = 120;
const pieceId = z.string().max(LONGEST_ID);

/** Columns of the footwear bench. */
export const footColumnSchema = z.object({
  boot: pieceId.nullable(),
  socks: z.array(pieceId).max(MOST_PIECES),
  footbed: pieceId.nullable(),
  gaiter: pieceId.nullable(),
  under: pieceId.nullable(),
});
/** Columns of the handwear bench: what is worn, from the skin out. */
export const handColumnSchema = z.array(pieceId).max(MOST_PIECES);

/** What a link to a bench says. */
export type BenchLink<Column> = { readonly setting: LinkedSetting; readonly columns: readonly Column[] };

/** What is compared, as the part of an address behind its #. */
export function benchLink<Column>(setting: BenchSetting, columns: readonly Column[]): string {
  const { airTemperatureC, windAtSeatMPerS, hours, ground, posture, wetShare } = setting;
  const told: LinkedSetting = { airTemperatureC, windAtSeatMPerS, hours, ground, posture, wetShare };
  return `#${encodeURIComponent(JSON.stringify({ setting: told, columns }))}`;
}

/** @returns `null` where the address tells nothing, or nothing that can be compared */
export function readBenchLink<Column>(hash: string, columnSchema: z.ZodType<Column>): BenchLink<Column> | null {
  try {
    const schema = z.object({ setting: settingSchema, columns: z.array(columnSchema).min(1).max(MOST_COLUMNS) });
    return schema.parse(JSON.parse(decodeURIComponent(hash.slice(1))));
  } catch {
    return null;
  }
}
