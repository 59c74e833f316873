import { and, asc, desc, eq, isNull, lt } from "drizzle-orm";
import type { Connection } from "../connect";
import { outfit, outing } from "../schema";

type Row = typeof outfit.$inferSelect;

/** A person's outfits by name. */
export async function readOutfits(connection: Connection, ownerId: string, personId: string): Promise<Row[]> {
  return connection
    .select()
    .from(outfit)
    .where(and(eq(outfit.ownerId, ownerId), eq(outfit.personId, personId)))
    .orderBy(asc(outfit.name));
}

/** Keeps an outfit; what one of the same name wears is replaced. @returns the id it is kept under */
export async function keepOutfit(
  connection: Connection,
  ownerId: string,
  { id, personId, name, wearings }: Pick<Row, "id" | "personId" | "name" | "wearings">,
): Promise<string> {
  const [kept] = await connection
    .insert(outfit)
    .values({ id, ownerId, personId, name, wearings })
    .onConflictDoUpdate({ target: [outfit.ownerId, outfit.personId, outfit.name], set: { wearings } })
    .returning({ id: outfit.id });
  return kept!.id;
}

/** @returns whether it was there */
export async function deleteOutfit(connection: Connection, ownerId: string, outfitId: string): Promise<boolean> {
  const gone = await connection
    .delete(outfit)
    .where(and(eq(outfit.ownerId, ownerId), eq(outfit.id, outfitId)))
    .returning({ id: outfit.id });
  return gone.length > 0;
}

/** The last outing a person began before a time, removed ones left aside; `null` where there was none. */
export async function lastOutingBefore(
  connection: Connection,
  ownerId: string,
  personId: string,
  before: Date,
): Promise<string | null> {
  const [last] = await connection
    .select({ id: outing.id })
    .from(outing)
    .where(
      and(
        eq(outing.ownerId, ownerId),
        eq(outing.personId, personId),
        lt(outing.startsAt, before),
        isNull(outing.removedAt),
      ),
    )
    .orderBy(desc(outing.startsAt))
    .limit(1);
  return last?.id ?? null;
}
