import { atom, computed } from "nanostores";
import { estimatedHeadline, headlineOf, middleOverSingle, type Headline } from "@/core/range";
import type { VerdictLine } from "@/formats/wire/outing/outing-view";
import { estimatedLine, verdictLine } from "@/formats/wire/outing/verdict-line";
import { $range } from "./derived-results";
import { $computed } from "../sheet/day-sheet";

/** Middle of the last range that was known over its single run. */
export const $ratio = atom(1);

$range.listen((range) => {
  const state = $computed.get();
  if (!range || state.kind !== "ready") return;
  const { verdict } = state.result.sits[state.result.decidingSit]!;
  $ratio.set(middleOverSingle(verdict, range.middle));
});

/** What the server had found stands for the range until the page has computed its own. */
export function rememberRatio(stored: VerdictLine | null): void {
  const stop = $computed.subscribe((state) => {
    if (state.kind !== "ready") return;
    if (stored?.kind === "ends" && $range.get() === null) {
      const { verdict } = state.result.sits[state.result.decidingSit]!;
      $ratio.set(middleOverSingle(verdict, { kind: "minutes", minutes: stored.minutesStill }));
    }
    queueMicrotask(() => stop());
  });
}

/** The figure told first, and whether it is estimated because its range is not known yet. */
export type ShownHeadline = { readonly headline: Headline; readonly isEstimated: boolean };

/** The headline of the answer on screen; `null` until there is one. */
export const $headline = computed([$computed, $range, $ratio], ({ result }, range, ratio): ShownHeadline | null => {
  const sit = result?.sits[result.decidingSit];
  if (!sit) return null;
  return range
    ? { headline: headlineOf(sit, range), isEstimated: false }
    : { headline: estimatedHeadline(sit, ratio), isEstimated: true };
});

/** The answer on screen in a line. */
export const $line = computed([$computed, $range, $ratio], ({ result }, range, ratio): VerdictLine | null => {
  if (!result) return null;
  return range ? verdictLine(result, range) : estimatedLine(result, ratio);
});
