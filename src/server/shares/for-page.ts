import { readKit, readPeopleAndPlaces } from "@/db";
import type { Offered, SharedLine, ShareKind } from "@/formats/wire/shares-schema";
import type { GuestBandOf } from "@/formats/wire/guest-band";
import { asOwner, currentGuest, currentOwnerId, isShared, type Guest } from "../access";
import { database, databaseFor } from "../composition";
import { refused, type Refused } from "../http/refused";
import { offeredBy, sharedWith } from "./shares";

export async function offeredForPage(
  token: string,
): Promise<{ readonly kind: "found"; readonly offered: Offered } | Refused> {
  try {
    return { kind: "found", offered: await offeredBy(database(), token) };
  } catch (error) {
    return refused(error);
  }
}

/**
 * What others share with whoever asks; at home there is nobody else, nor on a page that is somebody else's.
 * @param kinds all of them where it is not said
 */
export async function sharedForPage(kinds?: readonly ShareKind[]): Promise<readonly SharedLine[]> {
  if (!isShared() || currentGuest()) return [];
  try {
    return (await sharedWith(database())).filter(({ kind }) => !kinds || kinds.includes(kind));
  } catch (error) {
    refused(error);
    return []; // the page itself says that the database is gone
  }
}

/**
 * What is said over a page of somebody else's; `null` on a page of one's own, and where the database does not tell: the page
 * says so itself.
 */
export async function guestBandOf(
  guest: Guest | undefined,
  kind: ShareKind,
  item: string,
): Promise<GuestBandOf | null> {
  if (!guest) return null;
  const { accountId, shareId, ownerName, mayEdit, tellsPlace } = guest;
  const own = databaseFor(accountId);
  try {
    const [shared, { people }, kit] = await Promise.all([
      asOwner(accountId, () => sharedWith(own)),
      readPeopleAndPlaces(own, accountId),
      kind === "kit" ? readKit(database(), currentOwnerId(), item) : [],
    ]);
    const line = shared.find(({ id }) => id === shareId);
    // A day of a trip that is shared is nothing to go along on: the trip is.
    const outing =
      kind === "outing" && line?.kind === "outing" ? { tellsPlace, alongOutingId: line.alongOutingId } : null;
    return {
      shareId,
      ownerName,
      name: line?.name ?? "",
      mayEdit,
      people: people.filter(({ retired }) => !retired).map(({ id, name }) => ({ id, name })),
      outing,
      pieces: kit.flatMap(({ piece: { id, name, status } }) => (status === "inUse" ? [{ id, name }] : [])),
    };
  } catch (error) {
    refused(error);
    return null;
  }
}
