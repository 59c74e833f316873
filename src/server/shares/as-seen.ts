import { readCommands, type Connection } from "@/db";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { currentGuest } from "../access";

/** Pieces that some command of the sheet put on or took off: a guest who edits can undo it. */
async function piecesOfCommands(
  connection: Connection,
  ownerId: string,
  outingId: string,
): Promise<ReadonlySet<string>> {
  const history = await readCommands(connection, ownerId, outingId);
  const found = JSON.stringify(history?.commands ?? []).matchAll(/"pieceId":"([^"]+)"/g);
  return new Set([...found].map(([, id]) => id!));
}

/**
 * An outing as whoever is asking may see it. A guest sees of the kit what is worn, nothing of what notes taught of the
 * person, and, unless the place was told, neither its name nor where it is nor who waits at home.
 */
export async function asSeen(connection: Connection, ownerId: string, view: OutingView): Promise<OutingView> {
  const guest = currentGuest();
  if (!guest) return view;
  const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
  const undone = guest.mayEdit ? await piecesOfCommands(connection, ownerId, view.id) : new Set<string>();
  const kit = view.kit.filter(({ id }) => worn.has(id) || undone.has(id));
  const { notes: _notes, ...person } = view.person;
  const seen = { ...view, kit, person };
  if (guest.tellsPlace) return seen;
  const { leftWith: _leftWith, ...plan } = view.plan;
  return withoutPlace({ ...seen, plan });
}

/** Says neither where it is nor which way leads there. */
export function withoutPlace<View extends Pick<OutingView, "setting" | "place" | "plan">>(view: View): View {
  const { latitudeDeg: _latitude, longitudeDeg: _longitude, ...setting } = view.setting;
  const { track: _track, ...plan } = view.plan;
  return { ...view, setting, place: { ...view.place, name: "" }, plan: { ...plan, tellsPlace: false } };
}
