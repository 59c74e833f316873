import { readFindable, type Database } from "@/db";
import type { Findable } from "@/formats/wire/findable";

/** All that can be gone to by its name. */
export async function findableOf(from: Database, ownerId: string): Promise<Findable> {
  const { outings, ...rest } = await readFindable(from, ownerId);
  return { ...rest, outings: outings.map((own) => ({ ...own, startsAt: own.startsAt.toISOString() })) };
}
