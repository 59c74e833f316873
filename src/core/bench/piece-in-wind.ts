import { buildStack, clothingInsulation, stirring } from "../clothing";
import { readLabel } from "../labels";
import { bisect } from "../numeric";
import type { Piece } from "../pieces";
import { BENCH_RANGE } from "./bench-setting";
import { PATCH_ANATOMY, type Patch } from "../patches";

/** Winds a piece is looked at in, m/s: still air, a breeze, a fresh and a strong wind. */
export const BENCH_WINDS_M_PER_S = [0.5, 2, 4, 8] as const;

/** As far as a setting of the bench goes. */
const GREATEST_WIND_M_PER_S = BENCH_RANGE.windAtSeatMPerS[1];
/** Finer than winds are told in words. */
const TOLERANCE_M_PER_S = 0.1;

/**
 * Resistance of a piece worn alone on a patch in a wind, m²·K/W: cloth and the air under it, without the air outside;
 * `null` where it does not cover the patch.
 * @param windMPerS past the body, m/s
 * @source ISO 11079:2007, annex, by the whole model's stacking
 */
export function pieceInWind({ label }: Piece, patch: Patch, windMPerS: number): number | null {
  const reading = readLabel(label).find((own) => own.patch === patch);
  if (!reading) return null;
  return clothingInsulation(buildStack(reading.layers, PATCH_ANATOMY[patch].form), stirring(windMPerS, 0));
}

/** How two pieces stand to each other on a patch. */
export type WindContest =
  | { readonly kind: "always"; readonly warmer: "one" | "other" }
  | { readonly kind: "above"; readonly stillWarmer: "one" | "other"; readonly windMPerS: number };

/**
 * Which of two pieces is warmer on a patch, and above what wind the other is.
 * @returns `null` where one of them does not cover the patch
 */
export function windContest(one: Piece, other: Piece, patch: Patch): WindContest | null {
  const lead = (windMPerS: number): number =>
    (pieceInWind(one, patch, windMPerS) ?? NaN) - (pieceInWind(other, patch, windMPerS) ?? NaN);
  const [still, windy] = [lead(BENCH_WINDS_M_PER_S[0]), lead(GREATEST_WIND_M_PER_S)];
  if (Number.isNaN(still)) return null;
  const stillWarmer = still >= 0 ? "one" : "other";
  if (Math.sign(still) === Math.sign(windy)) return { kind: "always", warmer: stillWarmer };
  const windMPerS = bisect(lead, BENCH_WINDS_M_PER_S[0], GREATEST_WIND_M_PER_S, TOLERANCE_M_PER_S);
  return { kind: "above", stillWarmer, windMPerS };
}
