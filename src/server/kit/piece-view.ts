import type { OutingRows } from "@/db";
import type { PieceView } from "@/formats/wire/outing-view";

/** A piece of the database as it is answered. */
export function toPieceView(row: OutingRows["kit"][number]): PieceView {
  const { id, name, kind, label, fingersTogether, traits, massG, priceMinor, currency } = row;
  return { id, name, kind, label, fingersTogether, traits, massG, priceMinor, currency };
}
