import { FELT_PARTS, isCold, NOTHING_SAID, VOTES, type Felt, type PartFelt } from "@/core/logbook";
import { MS_PER_MINUTE } from "@/core/units";
import type { KeptSit } from "./unsent";

const minutesBetween = (from: string, to: string): number =>
  Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / MS_PER_MINUTE));

/** A note of what was said during a sit, for the logbook: each part at its worst, and when it was first cold. */
export function feltOfSit({ beganAt, votes, endedAt }: KeptSit & { readonly endedAt: string }): Felt {
  const parts: Partial<Record<(typeof FELT_PARTS)[number], PartFelt>> = {};
  for (const part of FELT_PARTS) {
    const own = votes.filter((vote) => vote.part === part).sort((one, other) => (one.at < other.at ? -1 : 1));
    if (own.length === 0) continue;
    const worst = own.reduce((one, other) => (VOTES.indexOf(other.vote) > VOTES.indexOf(one.vote) ? other : one));
    const cold = own.find(({ vote }) => isCold(vote));
    parts[part] = { vote: worst.vote, coldAfterMinutes: cold ? minutesBetween(beganAt, cold.at) : null };
  }
  return { ...NOTHING_SAID, minutes: Math.max(1, minutesBetween(beganAt, endedAt)), parts };
}
