import { countOutings, isReached, type Database } from "@/db";

/** Whether this process can do its work: it reaches the database and reads from it. @param ownerId `null` tells nothing of anybody */
export async function health(database: Database, ownerId: string | null): Promise<{ ok: true; outings?: number }> {
  if (ownerId !== null) return { ok: true, outings: await countOutings(database, ownerId) };
  await isReached(database);
  return { ok: true };
}
