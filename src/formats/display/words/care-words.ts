import * as m from "@/messages";
import { plainNumber } from "../numbers";
import type { CareNeed, CareTask } from "@/core/care";

/** What is done, as one would say it. */
export const CARE_WORDS: Readonly<Record<CareTask, string>> = {
  dry: m.dryLinerAndFootbedOut,
  wash: m.washAsItsLabelSays,
  reproof: m.proofItAgain,
  loft: m.outOfItsBagShakePinch,
};

const wearsText = (wears: number): string => m.wearsText({ count: wears });

/** How it stands: "due: 5 wears since 2026-11-02, every 4". */
export function careStandText({ everyWears, sinceWears, isDue }: CareNeed, doneOn: string | null): string {
  const since = doneOn === null ? "" : m.since({ doneOn });
  return isDue
    ? m.dueEvery({ sinceWears: wearsText(sinceWears), since, everyWears })
    : m.inWords({ everyWears: wearsText(everyWears - sinceWears), doneOn: doneOn === null ? "" : m.last({ doneOn }) });
}

/** "about 7 h" of drying in a room. */
export const dryingText = (hours: number | null): string => {
  if (hours === null) return m.neverByItself;
  return hours === 0 ? m.takesUpNoWaterWorthCounting : m.aboutH({ hours: plainNumber(hours, hours < 10 ? 1 : 0) });
};
