import { and, asc, eq, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { share } from "../share-schema";
import { piece } from "../schema";

export type ShareRow = typeof share.$inferSelect;
/** What a share is of: exactly one. */
export type SharedThing = Pick<ShareRow, "outingId" | "tripId" | "personId">;

const ofThing = (ownerId: string, { outingId, tripId, personId }: SharedThing) =>
  and(
    eq(share.ownerId, ownerId),
    outingId !== null
      ? eq(share.outingId, outingId)
      : tripId !== null
        ? eq(share.tripId, tripId)
        : eq(share.personId, personId!),
  );

export const addShare = (
  connection: Connection,
  row: Omit<ShareRow, "createdAt" | "withAccount" | "withName" | "alongOutingId">,
) => connection.insert(share).values(row);

/** With whom an owner shares a thing. */
export const readShares = (connection: Connection, ownerId: string, thing: SharedThing) =>
  connection.select().from(share).where(ofThing(ownerId, thing)).orderBy(asc(share.createdAt));

/** Calls a share back. @returns what it was, `null` where there is none */
export async function deleteShare(connection: Connection, ownerId: string, id: string): Promise<ShareRow | null> {
  const [gone] = await connection
    .delete(share)
    .where(and(eq(share.ownerId, ownerId), eq(share.id, id)))
    .returning();
  return gone ?? null;
}

const first = async <Row extends Record<string, unknown>>(
  connection: Connection,
  query: ReturnType<typeof sql>,
): Promise<Row | null> => ([...(await connection.execute<Row>(query))] as Row[])[0] ?? null;

export type ShareOffered = {
  readonly kind: string;
  readonly item: string;
  readonly name: string;
  readonly ownerName: string;
  readonly isOwn: boolean;
  readonly mayEdit: boolean;
  readonly tellsPlace: boolean;
};

/** What a secret address invites to, as the owner asked for sees it; `null`: nothing, or no more. */
export const offeredShare = (connection: Connection, tokenHash: string): Promise<ShareOffered | null> =>
  first(
    connection,
    sql`select kind, item, name, owner_name as "ownerName", is_own as "isOwn", may_edit as "mayEdit", tells_place as "tellsPlace"
        from share_offered(${tokenHash})`,
  );

/** @returns whether it was there to be accepted */
export const acceptShare = async (connection: Connection, tokenHash: string, name: string): Promise<boolean> =>
  (await first<{ done: boolean }>(connection, sql`select accept_share(${tokenHash}, ${name}) as done`))?.done ?? false;

export type SharedWithMe = {
  readonly id: string;
  readonly ownerName: string;
  readonly kind: string;
  readonly item: string;
  readonly name: string;
  readonly startsAt: string | null;
  readonly mayEdit: boolean;
  readonly alongOutingId: string | null;
};

/** What other accounts share with the owner of this connection. */
export const sharesWithMe = async (connection: Connection): Promise<readonly SharedWithMe[]> => [
  ...(await connection.execute<SharedWithMe>(
    sql`select id, owner_name as "ownerName", kind, item, name, starts_at as "startsAt", may_edit as "mayEdit",
               along_outing_id as "alongOutingId" from shares_with_me()`,
  )),
];

export type ShareFound = Pick<ShareRow, "id" | "ownerId" | "ownerName" | "mayEdit" | "tellsPlace">;

/** What lets the owner of this connection see a thing of another; `null`: nothing. */
export const shareOf = (
  connection: Connection,
  kind: "outing" | "trip" | "kit" | "piece",
  id: string,
): Promise<ShareFound | null> =>
  first(
    connection,
    sql`select id, owner_id as "ownerId", owner_name as "ownerName", may_edit as "mayEdit", tells_place as "tellsPlace"
        from share_of(${kind}, ${id}::uuid)`,
  );

/** Gives a share of somebody else up. @returns whether it was there */
export const leaveShare = async (connection: Connection, id: string): Promise<boolean> =>
  (await first<{ done: boolean }>(connection, sql`select leave_share(${id}::uuid) as done`))?.done ?? false;

/** @returns whether the share is there, of an outing */
export const goAlong = async (connection: Connection, id: string, outingId: string): Promise<boolean> =>
  (await first<{ done: boolean }>(connection, sql`select go_along(${id}::uuid, ${outingId}::uuid) as done`))?.done ??
  false;

/** Retires the pieces that a share lent to the owner of this connection. */
export const retireLent = (connection: Connection, ownerId: string, shareId: string) =>
  connection
    .update(piece)
    .set({ status: "retired", version: sql`${piece.version} + 1` })
    .where(and(eq(piece.ownerId, ownerId), eq(piece.lentBy, shareId), eq(piece.status, "inUse")));

/** Which pieces a share lent, by name. */
export const readLent = async (connection: Connection, ownerId: string, shareId: string): Promise<string[]> =>
  (
    await connection
      .select({ name: piece.name })
      .from(piece)
      .where(and(eq(piece.ownerId, ownerId), eq(piece.lentBy, shareId), eq(piece.status, "inUse")))
      .orderBy(asc(piece.name))
  ).map(({ name }) => name);

/** Does work for another owner inside a transaction, which then goes on for the one it was for. */
export async function withinAs<Result>(
  transaction: Connection,
  ownerId: string,
  work: () => Promise<Result>,
): Promise<Result> {
  const before = await first<{ owner: string | null }>(
    transaction,
    sql`select current_setting('umiak.owner', true) as owner`,
  );
  await transaction.execute(sql`select set_config('umiak.owner', ${ownerId}, true)`);
  const done = await work();
  await transaction.execute(sql`select set_config('umiak.owner', ${before?.owner ?? ""}, true)`);
  return done;
}
