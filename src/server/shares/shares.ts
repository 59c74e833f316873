import * as m from "@/messages";
import {
  acceptShare,
  addShare,
  deleteShare,
  inTransaction,
  leaveShare,
  offeredShare,
  readLent,
  readShares,
  retireLent,
  sharesWithMe,
  withinAs,
  type Database,
  type SharedThing,
} from "@/db";
import { MS_PER_DAY } from "@/core/units";
import {
  sharedThingSchema,
  type NewShare,
  type Offered,
  type SharedLine,
  type SharedThingAsked,
  type ShareLine,
} from "@/formats/wire/shares-schema";
import { AppError } from "../app-error";
import { databaseFor } from "../composition";
import { hashOf } from "../hash-of";
import { couldBeToken, newToken } from "../secret-token";
import { personOf } from "../kit/kit";
import { openOuting } from "../outings/open-outing";
import { openTrip } from "../trips/trips";
import { isUuid } from "../uuid";

// An owner invites by a secret address that they hand over themselves; whoever opens it first, signed in, accepts it for
// their account. So nobody can find out who has an account here, nor be given what was meant for an address of theirs.

/** An invitation that lies about is closed after this time (assumption). */
const OPEN_DAYS = 7;
const MOST_SHARES = 40;

const missing = (): AppError => new AppError("not-found", m.shareIsNotThere);

const thingOf = ({ kind, item }: SharedThingAsked): SharedThing => ({
  outingId: kind === "outing" ? item : null,
  tripId: kind === "trip" ? item : null,
  personId: kind === "kit" ? item : null,
});

/** @throws {AppError} `not-found` where it is not this owner's */
async function refuseUnknown(database: Database, ownerId: string, { kind, item }: SharedThingAsked): Promise<void> {
  if (kind === "outing") await openOuting(database, ownerId, item);
  else if (kind === "trip") await openTrip(database, ownerId, item);
  else await personOf(database, ownerId, item);
}

/** With whom an owner shares a thing. @throws {AppError} `not-found` */
export async function sharesOf(database: Database, ownerId: string, asked: SharedThingAsked): Promise<ShareLine[]> {
  await refuseUnknown(database, ownerId, asked);
  const rows = await readShares(database, ownerId, thingOf(asked));
  return Promise.all(
    rows.map(async ({ id, mayEdit, tellsPlace, createdAt, expiresAt, withName, withAccount, alongOutingId }) => ({
      id,
      mayEdit,
      tellsPlace,
      createdAt: createdAt.toISOString(),
      expiresAt: expiresAt.toISOString(),
      withName,
      goesAlong: alongOutingId !== null,
      lent: withAccount ? await readLent(databaseFor(withAccount), withAccount, id) : [],
    })),
  );
}

/** Invites to something. @returns its path, told once @throws {AppError} `not-found`, `bad-input` */
export async function makeShare(
  database: Database,
  account: { readonly id: string; readonly name: string },
  { id, kind, item, mayEdit, tellsPlace }: NewShare,
): Promise<{ readonly id: string; readonly path: string }> {
  if ((await sharesOf(database, account.id, { kind, item })).length >= MOST_SHARES)
    throw new AppError("bad-input", m.tooManyShares);
  const token = newToken();
  await addShare(database, {
    id,
    ownerId: account.id,
    ownerName: account.name,
    ...thingOf({ kind, item }),
    mayEdit,
    // Whoever edits a plan sees all of it; else what is saved back would have lost the place.
    tellsPlace: tellsPlace || (mayEdit && kind !== "kit"),
    tokenHash: hashOf(token),
    expiresAt: new Date(Date.now() + OPEN_DAYS * MS_PER_DAY),
  });
  return { id, path: `/share/${token}` };
}

/**
 * Ends a share: called back by its owner, or given up by whoever it is with. What it lent goes out of use in the kit it was
 * lent to.
 * @throws {AppError} `not-found`
 */
export async function endShare(database: Database, ownerId: string, id: string): Promise<{ id: string }> {
  if (!isUuid(id)) throw missing();
  await inTransaction(database, async (transaction) => {
    const gone = await deleteShare(transaction, ownerId, id);
    const borrower = gone?.withAccount ?? null;
    if (borrower !== null) await withinAs(transaction, borrower, () => retireLent(transaction, borrower, id));
    if (gone) return;
    if (!(await leaveShare(transaction, id))) throw missing();
    await retireLent(transaction, ownerId, id);
  });
  return { id };
}

/** What an invitation offers. @throws {AppError} `not-found` where it was accepted, called back or is too old */
export async function offeredBy(database: Database, token: string): Promise<Offered> {
  const found = couldBeToken(token) ? await offeredShare(database, hashOf(token)) : null;
  if (!found) throw new AppError("not-found", m.invitationIsNotThere);
  return { ...found, ...sharedThingSchema.parse({ kind: found.kind, item: found.item }) };
}

/** Accepts an invitation for the account that asks. @returns what it was of @throws {AppError} `not-found`, `bad-input` */
export async function acceptInvitation(database: Database, accountName: string, token: string): Promise<Offered> {
  const offered = await offeredBy(database, token);
  if (offered.isOwn) throw new AppError("bad-input", m.invitationIsOwn);
  if (!(await acceptShare(database, hashOf(token), accountName)))
    throw new AppError("not-found", m.invitationIsNotThere);
  return offered;
}

/** What other accounts share with the one that asks. */
export const sharedWith = async (database: Database): Promise<SharedLine[]> =>
  (await sharesWithMe(database)).map(({ kind, item, startsAt, ...line }) => ({
    ...line,
    ...sharedThingSchema.parse({ kind, item }),
    startsAt: startsAt === null ? null : new Date(startsAt).toISOString(),
  }));
