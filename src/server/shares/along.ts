import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import {
  beginParty,
  createOuting,
  createPieces,
  createPlace,
  goAlong,
  inTransaction,
  readKit,
  sharesWithMe,
  shareOf,
  withinAs,
  type Connection,
  type Database,
  type SharedWithMe,
  type ShareFound,
} from "@/db";
import type { Borrow, GoAlong } from "@/formats/wire/shares-schema";
import { AppError } from "../app-error";
import { personOf } from "../kit/kit";
import { contentRows } from "../outings/content-rows";
import { missingOuting, openOuting } from "../outings/open-outing";
import { isUuid } from "../uuid";

// What whoever something is shared with takes into their own account: the plan of an outing, to sit there in their own
// clothes, and pieces that are lent to them.

type Taken = { readonly share: ShareFound; readonly line: SharedWithMe };

/** A share with the account that asks, of that kind. @throws {AppError} `not-found` */
async function shareWithMe(database: Connection, shareId: string, kind: "outing" | "kit"): Promise<Taken> {
  const line = isUuid(shareId) ? (await sharesWithMe(database)).find(({ id }) => id === shareId) : undefined;
  const share = line?.kind === kind ? await shareOf(database, kind, line.item) : null;
  if (!line || !share) throw new AppError("not-found", m.shareIsNotThere);
  return { share, line };
}

/**
 * Makes an outing of the account's own beside one that is shared with it: place, hours and phases are the other's, who sits
 * there and in what is their own. Done again it makes nothing.
 * @throws {AppError} `not-found`, `bad-input` where the place was not told
 */
export async function goAlongWith(
  database: Database,
  accountId: string,
  shareId: string,
  { outingId, personId }: GoAlong,
): Promise<{ id: string }> {
  await personOf(database, accountId, personId);
  return inTransaction(database, async (transaction) => {
    const { share, line } = await shareWithMe(transaction, shareId, "outing");
    if (line.alongOutingId) return { id: line.alongOutingId };
    if (!share.tellsPlace) throw new AppError("bad-input", m.alongNeedsPlace);
    const view = await withinAs(transaction, share.ownerId, async () => {
      await beginParty(transaction, share.ownerId, line.item);
      return openOuting(transaction, share.ownerId, line.item);
    });
    const placeId = uuid();
    const { timeZone, name } = view.place;
    await createPlace(transaction, accountId, { id: placeId, name, timeZone, setting: view.setting });
    const rows = contentRows(view);
    const head = {
      id: outingId,
      name: view.name,
      personId,
      placeId,
      startsAt: new Date(view.startsAt),
      setting: view.setting,
      weatherShaped: view.weatherShaped,
      invented: view.invented,
      plan: { track: view.plan.track, forecast: view.plan.forecast },
      partyId: outingId,
    };
    await createOuting(transaction, accountId, head, {
      weather: rows.weather,
      phases: rows.phases.map((phase) => ({ ...phase, id: uuid() })),
      wearings: [],
    });
    if (!(await goAlong(transaction, shareId, outingId))) throw missingOuting();
    return { id: outingId };
  });
}

/**
 * Takes pieces of a kit that is shared into the kit of one of the account's own people, until the share ends.
 * @throws {AppError} `not-found`
 */
export async function borrowPieces(
  database: Database,
  accountId: string,
  shareId: string,
  { personId, pieceIds }: Borrow,
): Promise<{ borrowed: number }> {
  await personOf(database, accountId, personId);
  return inTransaction(database, async (transaction) => {
    const { share, line } = await shareWithMe(transaction, shareId, "kit");
    const kit = await withinAs(transaction, share.ownerId, () => readKit(transaction, share.ownerId, line.item));
    const wanted = new Set(pieceIds);
    const lent = kit.flatMap(({ piece }) => (wanted.has(piece.id) && piece.status === "inUse" ? [piece] : []));
    if (lent.length === 0) throw new AppError("not-found", m.thereIsNoSuchPiece);
    await createPieces(
      transaction,
      accountId,
      lent.map(({ name, kind, label, fingersTogether, traits, massG, note }) => ({
        id: uuid(),
        personId,
        name: m.pieceLentBy({ name, owner: share.ownerName }),
        kind,
        label,
        fingersTogether,
        traits,
        massG,
        note,
        lentBy: shareId,
      })),
    );
    return { borrowed: lent.length };
  });
}
