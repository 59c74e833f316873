import * as m from "@/messages";
import { MS_PER_DAY } from "@/core/units";
import { same } from "@/formats/same";
import { daysBetween } from "@/formats/local-time";
import type { OutingHeadChange, HeadChanged } from "@/formats/wire/outing/head-schema";
import type { OutingView, WearingView } from "@/formats/wire/outing/outing-view";
import {
  changeHead,
  forgetCommands,
  inTransaction,
  insertContent,
  lockParty,
  readKit,
  readPeopleAndPlaces,
  withinAs,
  type AcrossParty,
  type Connection,
  type Database,
} from "@/db";
import { AppError } from "../app-error";
import { readSetting } from "../stored/stored";
import { isUuid } from "../uuid";
import { contentRows } from "./content-rows";
import { missingOuting, openOuting } from "./open-outing";
import { othersAcross } from "./party/along";
import { recompute } from "./recompute";
import { recomputeAlong } from "./party/recompute-along";

const refuse = (path: string, message: string, reason: string): AppError =>
  new AppError("bad-input", message, { problems: [{ path, reason }] });

/** What the new sitter wears: pieces of the same names in their own kit; the rest stays off. */
async function wornBy(
  transaction: Connection,
  ownerId: string,
  view: OutingView,
  personId: string,
): Promise<{ readonly wearings: readonly WearingView[]; readonly leftOff: number }> {
  const rows = await readKit(transaction, ownerId, personId);
  const own = new Map(rows.filter(({ piece }) => piece.status === "inUse").map(({ piece }) => [piece.name, piece.id]));
  const nameOf = new Map(view.kit.map(({ id, name }) => [id, name]));
  const wearings = view.wearings.flatMap((wearing) => {
    const pieceId = own.get(nameOf.get(wearing.pieceId) ?? "");
    return pieceId ? [{ ...wearing, pieceId }] : [];
  });
  return { wearings, leftOff: view.wearings.length - wearings.length };
}

/** The place the outing is moved to. @throws {AppError} `bad-input` */
async function settingOf(transaction: Connection, ownerId: string, placeId: string) {
  const { places } = await readPeopleAndPlaces(transaction, ownerId);
  const place = places.find(({ id }) => id === placeId);
  if (!place) throw refuse("place", m.placeNotKnownChoose, m.isNotKnown);
  return { placeId, setting: readSetting(place.setting, place.name) };
}

/**
 * Changes one outing to another day, place or sitter. On another day its hours of weather go along; at another place it
 * begins with that place's setting.
 */
async function changeOne(
  transaction: Connection,
  ownerId: string,
  view: OutingView,
  { name, startsAt, personId, placeId }: Omit<OutingHeadChange, "version">,
): Promise<number> {
  const isMoved = placeId !== view.place.id;
  const isOther = personId !== view.person.id;
  const days = daysBetween(view.startsAt, startsAt, view.place.timeZone);
  const { wearings, leftOff } = isOther
    ? await wornBy(transaction, ownerId, view, personId)
    : { wearings: view.wearings, leftOff: 0 };
  const weather = view.weather.map((hour) => ({
    ...hour,
    at: new Date(Date.parse(hour.at) + days * MS_PER_DAY).toISOString(),
  }));
  const { forecast, ...plan } = view.plan;
  const keepsForecast = !isMoved && days === 0 && forecast;
  const where = isMoved ? await settingOf(transaction, ownerId, placeId) : {};
  await changeHead(transaction, ownerId, view.id, {
    name,
    startsAt: new Date(startsAt),
    personId,
    ...where,
    plan: keepsForecast ? { ...plan, forecast } : plan,
  });
  if (!isMoved && !isOther && days === 0) return leftOff;
  await insertContent(transaction, ownerId, view.id, contentRows({ ...view, weather, wearings }));
  // What was done before was done to another day, place or kit: there is no way back to it from here.
  await forgetCommands(transaction, ownerId, view.id);
  return leftOff;
}

/** Whoever goes along from another account goes along to the day and the setting; the place keeps their name for it. */
async function moveAlong(transaction: Connection, other: AcrossParty, moved: OutingView): Promise<void> {
  const view = await openOuting(transaction, other.ownerId, other.outingId);
  const { name, person, place } = view;
  const { startsAt, setting } = moved;
  await changeOne(transaction, other.ownerId, view, { name, personId: person.id, placeId: place.id, startsAt });
  if (!same(view.setting, setting)) await changeHead(transaction, other.ownerId, view.id, { setting });
}

/**
 * Renames an outing, gives it another start, place or sitter. Others of its party go along to the day and the place.
 * @throws {AppError} `not-found`, `bad-input`, `version-conflict`
 */
export async function changeOutingHead(
  database: Database,
  ownerId: string,
  outingId: string,
  { version, ...change }: OutingHeadChange,
): Promise<HeadChanged> {
  if (!isUuid(outingId)) throw missingOuting();
  const { changed, along } = await inTransaction(database, async (transaction) => {
    await lockParty(transaction, ownerId, outingId);
    const view = await openOuting(transaction, ownerId, outingId);
    if (view.version !== version) {
      throw new AppError("version-conflict", m.thisOutingWasChangedElsewhereSince, {
        currentVersion: view.version,
      });
    }
    const { people } = await readPeopleAndPlaces(transaction, ownerId);
    if (!people.some(({ id }) => id === change.personId)) throw refuse("person", m.personNotKnownChoose, m.isNotKnown);
    const others = await othersAcross(transaction, ownerId, view);
    const own = others.filter((other) => other.ownerId === ownerId);
    const views = await Promise.all(own.map((other) => openOuting(transaction, ownerId, other.outingId)));
    if (views.some(({ person }) => person.id === change.personId))
      throw refuse("person", m.personAlreadyAlong, m.alreadyGoesAlong);
    const leftOff = await changeOne(transaction, ownerId, view, change);
    for (const other of views) {
      const { startsAt, placeId } = change;
      await changeOne(transaction, ownerId, other, { name: other.name, personId: other.person.id, startsAt, placeId });
    }
    const elsewhere = others.filter((other) => other.ownerId !== ownerId && other.mayWrite);
    const moved = elsewhere.length > 0 ? await openOuting(transaction, ownerId, outingId) : view;
    for (const other of elsewhere)
      await withinAs(transaction, other.ownerId, () => moveAlong(transaction, other, moved));
    return { changed: { version: version + 1, leftOff }, along: [...own, ...elsewhere] };
  });
  recompute(database, ownerId, outingId);
  recomputeAlong(along);
  return changed;
}
