import { asc, eq } from "drizzle-orm";
import type { Connection } from "../connect";
import {
  hourOfWeather,
  outfit,
  outing,
  person,
  phase,
  piece,
  piecePhoto,
  place,
  sheetCommand,
  wearing,
} from "../schema";

const OWNED = { person, place, piece, piecePhoto, outfit, outing, hourOfWeather, phase, wearing, sheetCommand };

/** Every row of an owner, table by table. */
export async function readEverything(connection: Connection, ownerId: string) {
  const [people, places, pieces, photos, outfits, outings, weather, phases, wearings, commands] = await Promise.all([
    connection.select().from(person).where(eq(person.ownerId, ownerId)).orderBy(asc(person.id)),
    connection.select().from(place).where(eq(place.ownerId, ownerId)).orderBy(asc(place.id)),
    connection.select().from(piece).where(eq(piece.ownerId, ownerId)).orderBy(asc(piece.id)),
    connection.select().from(piecePhoto).where(eq(piecePhoto.ownerId, ownerId)),
    connection.select().from(outfit).where(eq(outfit.ownerId, ownerId)).orderBy(asc(outfit.id)),
    connection.select().from(outing).where(eq(outing.ownerId, ownerId)).orderBy(asc(outing.id)),
    connection.select().from(hourOfWeather).where(eq(hourOfWeather.ownerId, ownerId)).orderBy(asc(hourOfWeather.at)),
    connection.select().from(phase).where(eq(phase.ownerId, ownerId)).orderBy(asc(phase.position)),
    connection
      .select()
      .from(wearing)
      .where(eq(wearing.ownerId, ownerId))
      .orderBy(asc(wearing.rank), asc(wearing.fromMinute), asc(wearing.id)),
    connection.select().from(sheetCommand).where(eq(sheetCommand.ownerId, ownerId)).orderBy(asc(sheetCommand.position)),
  ]);
  return { people, places, pieces, photos, outfits, outings, weather, phases, wearings, commands };
}
export type Everything = Awaited<ReturnType<typeof readEverything>>;

type New<Name extends keyof typeof OWNED> = Omit<(typeof OWNED)[Name]["$inferInsert"], "ownerId">;

/** Rows that may be there already: those that are stay as they are. @returns ids that were made */
export async function addMissing<Name extends "person" | "place" | "piece" | "outfit" | "outing">(
  connection: Connection,
  ownerId: string,
  name: Name,
  rows: readonly New<Name>[],
): Promise<Set<string>> {
  const made = new Set<string>();
  for (const row of rows) {
    const [added] = await connection
      .insert(OWNED[name])
      .values({ ...row, ownerId } as never)
      .onConflictDoNothing()
      .returning({ id: OWNED[name].id });
    if (added) made.add(added.id);
  }
  return made;
}

/** Commands of an outing that was just made. */
export async function addCommands(
  connection: Connection,
  ownerId: string,
  rows: readonly New<"sheetCommand">[],
): Promise<void> {
  if (rows.length > 0) await connection.insert(sheetCommand).values(rows.map((row) => ({ ...row, ownerId })));
}
