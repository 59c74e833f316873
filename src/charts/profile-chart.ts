import { extent } from "d3-array";
import { scaleLinear } from "d3-scale";
import { area } from "d3-shape";
import type { Way } from "@/core/track";

/** A profile drawn: its ground, and the heights it lies between. */
export type ProfileChart = { readonly path: string; readonly lowM: number; readonly highM: number };

/** Flat ground is drawn flat: heights span at least so much, m. */
const LEAST_SPAN_M = 40;

/** The heights along a way; `null` where fewer than two are known. */
export function profileChart({ profile, distanceM }: Way, width: number, height: number): ProfileChart | null {
  const [lowM, highM] = extent(profile, ([, elevation]) => elevation);
  if (lowM === undefined || highM === undefined || profile.length < 2) return null;
  const x = scaleLinear().domain([0, distanceM]).range([0, width]);
  const y = scaleLinear()
    .domain([lowM, Math.max(highM, lowM + LEAST_SPAN_M)])
    .range([height, 2]);
  const path = area<readonly [number, number]>(
    ([gone]) => x(gone),
    height,
    ([, elevation]) => y(elevation),
  )([...profile]);
  return path === null ? null : { path, lowM, highM };
}
