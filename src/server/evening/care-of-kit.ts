import { readKit, type Database } from "@/db";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { CareById } from "@/formats/wire/outing/planned-of-view";
import { readCare } from "../stored/stored";

/** How often each piece of an outing's kit, as it may be seen, was worn out there, and when it was cared for. */
export async function careOfKit(
  database: Database,
  ownerId: string,
  { person, kit: seen }: Pick<OutingView, "person" | "kit">,
): Promise<CareById> {
  const ids = new Set(seen.map(({ id }) => id));
  const kit = (await readKit(database, ownerId, person.id)).filter(({ piece }) => ids.has(piece.id));
  return Object.fromEntries(
    kit.map(({ piece, wears }) => [piece.id, { wears, care: readCare(piece.care, piece.name) }]),
  );
}
