import { plainNumber } from "../numbers";
import type { CareNeed, CareTask } from "@/core/care";

/** What is done, as one would say it. */
export const CARE_WORDS: Readonly<Record<CareTask, string>> = {
  dry: "Dry, liner and footbed out",
  wash: "Wash as its label says",
  reproof: "Proof it again",
  loft: "Out of its bag, shake, pinch the loft",
};

const wearsText = (wears: number): string => `${wears} ${wears === 1 ? "wear" : "wears"}`;

/** How it stands: "due: 5 wears since 2026-11-02, every 4". */
export function careStandText({ everyWears, sinceWears, isDue }: CareNeed, doneOn: string | null): string {
  const since = doneOn === null ? "" : ` since ${doneOn}`;
  return isDue
    ? `due: ${wearsText(sinceWears)}${since}, every ${everyWears}`
    : `in ${wearsText(everyWears - sinceWears)}${doneOn === null ? "" : `, last ${doneOn}`}`;
}

/** "about 7 h" of drying in a room. */
export const dryingText = (hours: number | null): string => {
  if (hours === null) return "never by itself";
  return hours === 0 ? "takes up no water worth counting" : `about ${plainNumber(hours, hours < 10 ? 1 : 0)} h`;
};
