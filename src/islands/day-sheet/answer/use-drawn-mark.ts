import { useEffect } from "react";
import type { Computed } from "@/stores/sheet/day-sheet";

/** Name of the measure from an edit to its answer being drawn; the benchmark of the screens reads it. */
export const EDIT_TO_DRAWN = "umiak edit to drawn";

/** Calls once the frame begun is painted: a message to oneself comes after it. */
function afterPaint(call: () => void): void {
  const { port1, port2 } = new MessageChannel();
  port1.onmessage = () => {
    port1.close();
    call();
  };
  port2.postMessage(null);
}

/** Measures how long an edit took until its answer stood on the screen. */
export function useDrawnMark(computed: Computed): void {
  useEffect(() => {
    if (computed.kind !== "ready") return;
    const { askedAtMs } = computed;
    // What was committed is laid out and painted after the next frame's callbacks, and before the next message.
    requestAnimationFrame(() => {
      afterPaint(() => performance.measure(EDIT_TO_DRAWN, { start: askedAtMs, end: performance.now() }));
    });
  }, [computed]);
}
