import type { OutingRows } from "@/db";
import { readLabel, readTraits } from "../stored/stored";
import type { PieceView } from "@/formats/wire/outing/outing-view";

/** A piece of the database as it is answered. */
export function toPieceView(row: OutingRows["kit"][number]): PieceView {
  const { id, name, kind, fingersTogether, massG, priceMinor, currency } = row;
  const [label, traits] = [readLabel(row.label, name), readTraits(row.traits, name)];
  return { id, name, kind, label, fingersTogether, traits, massG, priceMinor, currency };
}
