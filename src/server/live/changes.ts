import { listenLive, liveKey, type Database } from "@/db";

type Heard = () => void;

/** Who waits for changes of which sit, in this process; the database tells what other processes changed. */
const waiting = new Map<string, Set<Heard>>();
let listening: Promise<unknown> | null = null;

/** Calls back whenever something of a sit has changed. @returns stops it */
export async function onLiveChange(
  database: Database,
  ownerId: string,
  outingId: string,
  heard: Heard,
): Promise<() => void> {
  listening ??= listenLive(database, (key) => waiting.get(key)?.forEach((own) => own())).catch((error: unknown) => {
    listening = null;
    throw error;
  });
  const key = liveKey(ownerId, outingId);
  const own = waiting.get(key) ?? new Set<Heard>();
  waiting.set(key, own.add(heard));
  const stop = (): void => {
    own.delete(heard);
    if (own.size === 0) waiting.delete(key);
  };
  try {
    await listening;
  } catch (error) {
    stop();
    throw error;
  }
  return stop;
}
