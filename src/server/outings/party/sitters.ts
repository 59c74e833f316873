import { partyAcross, shareOf } from "@/db";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { PartySitter } from "@/formats/wire/outing/party-sitter";
import { currentGuest, currentOwnerId } from "../../access";
import { database, databaseFor } from "../../composition";
import { partyLines } from "../outings";

/** Everybody who goes together with an outing, from other accounts too: of those no more than name and verdict. */
export async function partySitters(view: Pick<OutingView, "id" | "partyId">): Promise<readonly PartySitter[]> {
  const ownerId = currentOwnerId();
  const own = await partyLines(database(), ownerId, view);
  const others =
    view.partyId === null
      ? []
      : (await partyAcross(database(), view.id)).filter(({ ownerId: theirs }) => theirs !== ownerId);
  const elsewhere = await Promise.all(
    others.map(async (other) => {
      const theirs = databaseFor(other.ownerId);
      const [line] = await partyLines(theirs, other.ownerId, { id: other.outingId, partyId: null });
      return line ? [{ ...line, ownerId: other.ownerId }] : [];
    }),
  );
  const sitters = [...own.map((line) => ({ ...line, ownerId })), ...elsewhere.flat()];
  return Promise.all(sitters.map(toSitter));
}

async function toSitter({
  ownerId,
  id,
  personId,
  personName,
  verdict,
  isRecomputing,
}: Omit<PartySitter, "canOpen" | "isElsewhere"> & { ownerId: string }): Promise<PartySitter> {
  const asking = currentGuest()?.accountId ?? currentOwnerId();
  const canOpen = ownerId === asking || (await shareOf(databaseFor(asking), "outing", id)) !== null;
  return { id, personId, personName, verdict, isRecomputing, canOpen, isElsewhere: ownerId !== currentOwnerId() };
}
