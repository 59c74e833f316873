import { countOutings, type Database } from "@/db";

/** Whether this process can do its work: it reaches the database and reads from it. */
export const health = async (database: Database, ownerId: string): Promise<{ ok: true; outings: number }> => ({
  ok: true,
  outings: await countOutings(database, ownerId),
});
