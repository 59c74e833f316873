import { v7 as uuid } from "uuid";
import { usualWearings } from "@/core/dressing";
import { STARTER_KITS, type StarterPiece } from "@/core/starter-kit";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";
import { $view } from "./day-sheet";
import { editContent } from "./edits";
import { addToKit, type NewPiece } from "./kit";

const newPiece = ({ name, kind, label, massG, fingersTogether = false, traits = {} }: StarterPiece): NewPiece => ({
  name,
  kind,
  label,
  massG,
  fingersTogether,
  traits,
  priceMinor: null,
  currency: null,
});

/**
 * Wears the generic kit that the cold of the sheet asks for; what the person does not own of it joins their kit.
 * @throws {Error} with a message to show
 */
export async function wearGenericByCold(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const avoidsAnimals = view.person.practicePreferences.avoids.includes("animals");
  const key = await workerFor("answer").chooseKit(viewToOuting(view), avoidsAnimals);
  if (key === null) throw new Error("This outing cannot be computed, so nothing can be chosen for it.");
  const known = new Map(view.kit.map((piece) => [piece.name, piece]));
  const wanted = STARTER_KITS[key].pieces;
  const added = await addToKit(wanted.filter(({ name }) => !known.has(name)).map(newPiece));
  for (const piece of added) known.set(piece.name, piece);
  const now = $view.get() ?? view;
  const pieces = wanted.flatMap(({ name }) => known.get(name) ?? []);
  editContent(`wear ${STARTER_KITS[key].words.toLowerCase()}`, {
    wearings: usualWearings(pieces, now.phases).map(({ pieceId, side, rank, fromMinute, toMinute }) => ({
      id: uuid(),
      pieceId,
      side,
      rank,
      fromMinute,
      toMinute,
      opened: [],
      withoutParts: [],
      whenOff: "pack" as const,
    })),
  });
}
