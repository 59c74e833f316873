import * as m from "@/messages";
import {
  createPieces,
  inTransaction,
  readKit,
  readPeopleAndPlaces,
  replacePiece,
  setPieceStatus,
  type Database,
} from "@/db";
import type { NewPieces, PieceStatusChange, SavedPiece } from "@/formats/wire/kit/kit-schema";
import type { KitView } from "@/formats/wire/kit/kit-view";
import { AppError } from "../app-error";
import { savedOrRefused } from "../saved-or-refused";
import { readCare } from "../stored/stored";
import { toPieceView } from "./piece-view";

const NO_PIECE = m.thereIsNoSuchPiece;

/** @throws {AppError} `not-found` */
export async function personOf(database: Database, ownerId: string, personId: string): Promise<KitView["person"]> {
  const { people } = await readPeopleAndPlaces(database, ownerId);
  const found = people.find(({ id }) => id === personId);
  if (!found) throw new AppError("not-found", m.thereIsNoSuchPerson);
  return { id: found.id, name: found.name };
}

/** Everything a person owns, retired and deleted pieces too. @throws {AppError} `not-found` */
export async function kitOfPerson(database: Database, ownerId: string, personId: string): Promise<KitView> {
  const person = await personOf(database, ownerId, personId);
  const rows = await readKit(database, ownerId, personId);
  return {
    person,
    pieces: rows.map(({ piece, outings, wears, hasPhoto }) => {
      const { note, status, version } = piece;
      return {
        ...toPieceView(piece),
        note,
        care: readCare(piece.care, piece.name),
        status,
        version,
        outings,
        wears,
        hasPhoto,
      };
    }),
  };
}

/** Adds pieces to a person's kit. @throws {AppError} `not-found` */
export async function addPieces(
  database: Database,
  ownerId: string,
  personId: string,
  { pieces }: NewPieces,
): Promise<{ added: number }> {
  await personOf(database, ownerId, personId);
  await createPieces(
    database,
    ownerId,
    pieces.map((piece) => ({ ...piece, personId })),
  );
  return { added: pieces.length };
}

/** Keeps a piece as it was edited. @throws {AppError} `not-found`, `version-conflict` */
export const savePiece = (
  database: Database,
  ownerId: string,
  pieceId: string,
  { version, ...content }: SavedPiece,
): Promise<{ version: number }> =>
  savedOrRefused("piece", pieceId, () =>
    inTransaction(database, (transaction) => replacePiece(transaction, ownerId, pieceId, version, content)),
  );

/** Retires, deletes or brings back pieces of a person. @throws {AppError} `not-found` where none of them is there */
export async function changeStatus(
  database: Database,
  ownerId: string,
  personId: string,
  { ids, to }: PieceStatusChange,
): Promise<{ changed: number }> {
  await personOf(database, ownerId, personId);
  const changed = await inTransaction(database, (transaction) =>
    setPieceStatus(transaction, ownerId, personId, ids, to),
  );
  if (changed === 0) throw new AppError("not-found", NO_PIECE);
  return { changed };
}
