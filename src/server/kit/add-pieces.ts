import { createPieces, readPeopleAndPlaces, type Database } from "@/db";
import type { NewPieces } from "@/formats/wire/new-outing-schema";
import { AppError } from "../app-error";

/** Adds pieces to a person's kit. @throws {AppError} `not-found` */
export async function addPieces(
  database: Database,
  ownerId: string,
  personId: string,
  { pieces }: NewPieces,
): Promise<{ added: number }> {
  const { people } = await readPeopleAndPlaces(database, ownerId);
  if (!people.some(({ id }) => id === personId)) throw new AppError("not-found", "There is no such person.");
  await createPieces(
    database,
    ownerId,
    pieces.map((piece) => ({ ...piece, personId })),
  );
  return { added: pieces.length };
}
