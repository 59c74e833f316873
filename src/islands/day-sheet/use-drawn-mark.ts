import { useEffect } from "react";
import type { Computed } from "@/stores/day-sheet";

/** Name of the measure from an edit to its answer being drawn; the benchmark of the screens reads it. */
export const EDIT_TO_DRAWN = "umiak edit to drawn";

/** Measures how long an edit took until its answer stood on the screen. */
export function useDrawnMark(computed: Computed): void {
  useEffect(() => {
    if (computed.kind !== "ready") return;
    const { askedAtMs } = computed;
    // In the next frame what was committed is painted.
    requestAnimationFrame(() => {
      performance.measure(EDIT_TO_DRAWN, { start: askedAtMs, end: performance.now() });
    });
  }, [computed]);
}
