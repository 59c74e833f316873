import * as m from "@/messages";
import { deleteOutfit, keepOutfit, lastOutingBefore, readOutfits, type Database } from "@/db";
import { outfitOf, type OutfitsView } from "@/formats/wire/kit/outfit";
import { beforeSchema, type NewOutfit } from "@/formats/wire/kit/outfit-schema";
import { AppError } from "../app-error";
import { openOuting } from "../outings/open-outing";
import { readOutfitWearings } from "../stored/stored";
import { isUuid } from "../uuid";
import { personOf } from "./kit";

/**
 * A person's outfits by name, and what they wore the last time before a day.
 * @param before ISO 8601, UTC; now where it is not given
 * @throws {AppError} `not-found`, `bad-input`
 */
export async function outfitsOf(
  database: Database,
  ownerId: string,
  personId: string,
  before: string | null,
): Promise<OutfitsView> {
  const day = before === null ? new Date().toISOString() : before;
  if (!beforeSchema.safeParse(day).success) throw new AppError("bad-input", m.giveTheDayAsIso8601);
  await personOf(database, ownerId, personId);
  const rows = await readOutfits(database, ownerId, personId);
  const lastId = await lastOutingBefore(database, ownerId, personId, new Date(day));
  const last = lastId ? await openOuting(database, ownerId, lastId) : null;
  return {
    outfits: rows.map(({ id, name, wearings }) => ({ id, name, wearings: readOutfitWearings(wearings, name) })),
    last: last && { name: last.name, startsAt: last.startsAt, wearings: outfitOf(last) },
  };
}

/** Keeps an outfit; one of the same name is replaced. @throws {AppError} `not-found` */
export async function saveOutfit(
  database: Database,
  ownerId: string,
  personId: string,
  outfit: NewOutfit,
): Promise<{ id: string }> {
  await personOf(database, ownerId, personId);
  return { id: await keepOutfit(database, ownerId, { ...outfit, personId }) };
}

/** @throws {AppError} `not-found` */
export async function removeOutfit(database: Database, ownerId: string, outfitId: string): Promise<{ removed: 1 }> {
  if (!isUuid(outfitId) || !(await deleteOutfit(database, ownerId, outfitId))) {
    throw new AppError("not-found", m.thereIsNoSuchOutfit);
  }
  return { removed: 1 };
}
