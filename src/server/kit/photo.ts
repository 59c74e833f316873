import { inTransaction, readPhoto, replacePhoto, type Database } from "@/db";
import { isUuid } from "../uuid";
import { savedOrRefused } from "../saved-or-refused";

/**
 * Keeps a photo of a piece, or takes it away.
 * @param version the piece's, as the page saw it
 * @param jpeg `null`: none
 * @throws {AppError} `not-found`, `version-conflict`
 */
export const savePhoto = (
  database: Database,
  ownerId: string,
  pieceId: string,
  version: number,
  jpeg: Buffer | null,
): Promise<{ version: number }> =>
  savedOrRefused("piece", pieceId, () =>
    inTransaction(database, (transaction) => replacePhoto(transaction, ownerId, pieceId, version, jpeg)),
  );

/** The photo of a piece; `null` where there is none. */
export const photoOf = async (database: Database, ownerId: string, pieceId: string): Promise<Buffer | null> =>
  isUuid(pieceId) ? readPhoto(database, ownerId, pieceId) : null;
