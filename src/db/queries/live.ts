import { and, asc, count, eq, gt, sql } from "drizzle-orm";
import type { Connection, Database } from "../connect";
import { liveReading, liveSit, type StoredVote } from "../live-schema";

export type LiveSitRow = typeof liveSit.$inferSelect;
export type LiveReadingRow = Pick<typeof liveReading.$inferSelect, "sensor" | "at" | "valueC" | "place">;

const isSitOf = (ownerId: string, outingId: string) =>
  and(eq(liveSit.ownerId, ownerId), eq(liveSit.outingId, outingId));

export async function readLiveSit(
  connection: Connection,
  ownerId: string,
  outingId: string,
): Promise<LiveSitRow | null> {
  const [row] = await connection.select().from(liveSit).where(isSitOf(ownerId, outingId));
  return row ?? null;
}

/** The same, held until the transaction ends: whoever else writes of this sit waits. */
export async function lockLiveSit(
  transaction: Connection,
  ownerId: string,
  outingId: string,
): Promise<LiveSitRow | null> {
  const [row] = await transaction.select().from(liveSit).where(isSitOf(ownerId, outingId)).for("update");
  return row ?? null;
}

/** Begins a sit; one that was begun before begins again, without what was read on it. */
export async function beginLiveSit(
  transaction: Connection,
  row: Pick<LiveSitRow, "ownerId" | "outingId" | "tokenHash" | "beganAt">,
): Promise<void> {
  await transaction.delete(liveSit).where(isSitOf(row.ownerId, row.outingId));
  await transaction.insert(liveSit).values(row);
}

export async function changeLiveSit(
  connection: Connection,
  ownerId: string,
  outingId: string,
  change: { readonly endedAt?: Date; readonly votes?: readonly StoredVote[] },
): Promise<void> {
  await connection.update(liveSit).set(change).where(isSitOf(ownerId, outingId));
}

/** Keeps readings; those that are there stay. @returns how many were new */
export async function addReadings(
  transaction: Connection,
  ownerId: string,
  outingId: string,
  readings: readonly Omit<LiveReadingRow, "place">[],
): Promise<number> {
  if (readings.length === 0) return 0;
  const added = await transaction
    .insert(liveReading)
    .values(readings.map((reading) => ({ ownerId, outingId, ...reading })))
    .onConflictDoNothing()
    .returning({ place: liveReading.place });
  return added.length;
}

/** Readings that came after a place, in the order they came. */
export const readReadings = (
  connection: Connection,
  ownerId: string,
  outingId: string,
  afterPlace: number,
  most: number,
): Promise<LiveReadingRow[]> =>
  connection
    .select({
      sensor: liveReading.sensor,
      at: liveReading.at,
      valueC: liveReading.valueC,
      place: liveReading.place,
    })
    .from(liveReading)
    .where(and(eq(liveReading.ownerId, ownerId), eq(liveReading.outingId, outingId), gt(liveReading.place, afterPlace)))
    .orderBy(asc(liveReading.place))
    .limit(most);

export async function countReadings(connection: Connection, ownerId: string, outingId: string): Promise<number> {
  const [row] = await connection
    .select({ count: count() })
    .from(liveReading)
    .where(and(eq(liveReading.ownerId, ownerId), eq(liveReading.outingId, outingId)));
  return row!.count;
}

const CHANNEL = "umiak_live";
const keyOf = (ownerId: string, outingId: string): string => `${ownerId} ${outingId}`;

/** Tells every process of this database that something of a sit has changed, once the transaction holds. */
export async function tellLive(connection: Connection, ownerId: string, outingId: string): Promise<void> {
  await connection.execute(sql`select pg_notify(${CHANNEL}, ${keyOf(ownerId, outingId)})`);
}

type Listening = { listen(channel: string, heard: (payload: string) => void): Promise<unknown> };
/** The driver under a database, which listens on a connection of its own. */
type OnDriver = { readonly $client: Listening };

/** Hears of changed sits, those told by other processes too. @param heard with owner and outing as `liveKey` names them */
export const listenLive = (database: Database, heard: (key: string) => void): Promise<unknown> =>
  (database as unknown as OnDriver).$client.listen(CHANNEL, heard);
export const liveKey = keyOf;
