import { readKit, type Database } from "@/db";
import type { CareById } from "@/formats/wire/outing/planned-of-view";
import { readCare } from "../stored/stored";

/** How often each piece of a person's kit was worn out there, and when it was cared for. */
export async function careOfKit(database: Database, ownerId: string, personId: string): Promise<CareById> {
  const kit = await readKit(database, ownerId, personId);
  return Object.fromEntries(
    kit.map(({ piece, wears }) => [piece.id, { wears, care: readCare(piece.care, piece.name) }]),
  );
}
