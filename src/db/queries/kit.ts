import { and, asc, countDistinct, eq, inArray, isNull, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { logbookNote } from "../logbook-schema";
import { outing, piece, piecePhoto, wearing } from "../schema";
import { raiseVersion } from "./raise-version";
import type { Replaced } from "./replace-outing";
import { clearVerdictsOfPieces } from "./verdict";

type Row = typeof piece.$inferSelect;

/** Every piece of a person, also retired and deleted ones, with the number of outings it is worn in, and of those that began or stand in the logbook; removed ones do not count. */
export async function readKit(connection: Connection, ownerId: string, personId: string) {
  return connection
    .select({
      piece,
      outings: countDistinct(outing.id),
      wears:
        sql<number>`count(distinct ${outing.id}) filter (where ${outing.startsAt} < now() or ${logbookNote.outingId} is not null)`.mapWith(
          Number,
        ),
      hasPhoto: sql<boolean>`bool_or(${piecePhoto.pieceId} is not null)`,
    })
    .from(piece)
    .leftJoin(wearing, and(eq(wearing.ownerId, piece.ownerId), eq(wearing.pieceId, piece.id)))
    .leftJoin(
      outing,
      and(eq(outing.ownerId, wearing.ownerId), eq(outing.id, wearing.outingId), isNull(outing.removedAt)),
    )
    .leftJoin(logbookNote, and(eq(logbookNote.ownerId, outing.ownerId), eq(logbookNote.outingId, outing.id)))
    .leftJoin(piecePhoto, and(eq(piecePhoto.ownerId, piece.ownerId), eq(piecePhoto.pieceId, piece.id)))
    .where(and(eq(piece.ownerId, ownerId), eq(piece.personId, personId)))
    .groupBy(piece.ownerId, piece.id)
    .orderBy(asc(piece.name), asc(piece.id));
}

/** Replaces what is known of a piece if it is still at the version the writer saw; verdicts that used it no longer hold. */
export async function replacePiece(
  transaction: Connection,
  ownerId: string,
  pieceId: string,
  expectedVersion: number,
  content: Partial<Row>,
): Promise<Replaced> {
  const replaced = await raiseVersion(transaction, piece, ownerId, pieceId, expectedVersion, content);
  if (replaced.kind === "saved") await clearVerdictsOfPieces(transaction, ownerId, [pieceId]);
  return replaced;
}

/** Retires, deletes or brings back pieces; verdicts that used them no longer hold. @returns how many were found */
export async function setPieceStatus(
  transaction: Connection,
  ownerId: string,
  personId: string,
  pieceIds: readonly string[],
  status: Row["status"],
): Promise<number> {
  const changed = await transaction
    .update(piece)
    .set({ status, version: sql`${piece.version} + 1`, updatedAt: sql`now()` })
    .where(and(eq(piece.ownerId, ownerId), eq(piece.personId, personId), inArray(piece.id, [...pieceIds])))
    .returning({ id: piece.id });
  await clearVerdictsOfPieces(transaction, ownerId, pieceIds);
  return changed.length;
}

/** Keeps a photo of a piece, or takes it away, if the piece is still at the version the writer saw. @param jpeg `null`: none */
export async function replacePhoto(
  transaction: Connection,
  ownerId: string,
  pieceId: string,
  expectedVersion: number,
  jpeg: Buffer | null,
): Promise<Replaced> {
  const replaced = await raiseVersion(transaction, piece, ownerId, pieceId, expectedVersion);
  if (replaced.kind !== "saved") return replaced;
  if (jpeg === null) {
    await transaction.delete(piecePhoto).where(and(eq(piecePhoto.ownerId, ownerId), eq(piecePhoto.pieceId, pieceId)));
  } else {
    await transaction
      .insert(piecePhoto)
      .values({ ownerId, pieceId, jpeg })
      .onConflictDoUpdate({ target: [piecePhoto.ownerId, piecePhoto.pieceId], set: { jpeg, updatedAt: sql`now()` } });
  }
  return replaced;
}

/** @returns the picture, or `null` where there is none */
export async function readPhoto(connection: Connection, ownerId: string, pieceId: string): Promise<Buffer | null> {
  const [found] = await connection
    .select({ jpeg: piecePhoto.jpeg })
    .from(piecePhoto)
    .where(and(eq(piecePhoto.ownerId, ownerId), eq(piecePhoto.pieceId, pieceId)));
  return found?.jpeg ?? null;
}
