import { z } from "zod";
import { liveVotesSchema } from "@/formats/wire/live/live-schema";
import type { LiveVoteView } from "@/formats/wire/live/live-view";

// What is said during a sit is kept in the browser until the server has it: there is often no network at the seat.

type Store = Pick<Storage, "getItem" | "setItem" | "removeItem">;

/** A sit as the browser knows it. */
export type KeptSit = {
  readonly beganAt: string;
  readonly votes: readonly LiveVoteView[];
  readonly endedAt: string | null;
};
const keptSchema = z.object({
  beganAt: z.iso.datetime(),
  votes: liveVotesSchema,
  endedAt: z.iso.datetime().nullable(),
});

const keyOf = (outingId: string): string => `umiak-live-${outingId}`;

/** What cannot be read is none. */
export function keptSit(storage: Store, outingId: string): KeptSit | null {
  try {
    const parsed = keptSchema.safeParse(JSON.parse(storage.getItem(keyOf(outingId)) ?? "null"));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

export function keepSit(storage: Store, outingId: string, sit: KeptSit | null): void {
  try {
    if (sit) storage.setItem(keyOf(outingId), JSON.stringify(sit));
    else storage.removeItem(keyOf(outingId));
  } catch {
    // Full or barred: it goes on while the page is open.
  }
}
