import * as m from "@/messages";
import type { LinkKind } from "@/core/evening";
import { addLink, deleteLink, linkOfToken, readLinks, type Database } from "@/db";
import type { LinkLine, NewLink } from "@/formats/wire/links-schema";
import type { FieldCard } from "@/formats/wire/evening/field-card";
import { AppError } from "../app-error";
import { hashOf } from "../hash-of";
import { couldBeToken, newToken } from "../secret-token";
import { accountsDatabase, databaseFor } from "../composition";
import { fieldCardOf } from "../evening/field-card";
import { openOuting } from "../outings/open-outing";
import { withoutPlace } from "../shares/as-seen";
import { isUuid } from "../uuid";

const MOST_LINKS = 20;

/** @throws {AppError} `not-found` */
export async function linksOf(database: Database, ownerId: string, outingId: string): Promise<LinkLine[]> {
  await openOuting(database, ownerId, outingId);
  return (await readLinks(database, ownerId, outingId)).map(({ id, kind, tellsPlace, createdAt }) => ({
    id,
    kind,
    tellsPlace,
    createdAt: createdAt.toISOString(),
  }));
}

/** Makes a secret address. @returns its path, told once @throws {AppError} `not-found`, `bad-input` */
export async function makeLink(
  database: Database,
  ownerId: string,
  outingId: string,
  { id, kind, tellsPlace }: NewLink,
): Promise<{ readonly id: string; readonly path: string }> {
  if ((await linksOf(database, ownerId, outingId)).length >= MOST_LINKS)
    throw new AppError("bad-input", m.tooManyLinks);
  const token = newToken();
  await addLink(database, { id, ownerId, outingId, kind, tellsPlace, tokenHash: hashOf(token) });
  return { id, path: `/left/${token}` };
}

/** Calls a secret address back. @throws {AppError} `not-found` */
export async function callLinkBack(
  database: Database,
  ownerId: string,
  outingId: string,
  linkId: string,
): Promise<{ id: string }> {
  const isKnown = isUuid(outingId) && isUuid(linkId) && (await deleteLink(database, ownerId, outingId, linkId));
  if (!isKnown) throw new AppError("not-found", m.linkIsNotThere);
  return { id: linkId };
}

/** What a secret address shows: coordinates and the name of the place only where that was ticked. */
export type Left = { readonly kind: LinkKind; readonly card: FieldCard; readonly tellsPlace: boolean };

/** @throws {AppError} `not-found` where there is none, or it was called back */
export async function leftBehind(token: string): Promise<Left> {
  const found = couldBeToken(token) ? await linkOfToken(accountsDatabase(), hashOf(token)) : null;
  if (!found) throw new AppError("not-found", m.linkIsNotThere);
  const { ownerId, outingId, kind, tellsPlace } = found;
  const card = await fieldCardOf(databaseFor(ownerId), ownerId, outingId);
  return { kind, tellsPlace, card: { ...card, view: tellsPlace ? withPlace(card.view) : withoutPlace(card.view) } };
}

const withPlace = (view: FieldCard["view"]): FieldCard["view"] => ({
  ...view,
  plan: { ...view.plan, tellsPlace: true },
});
