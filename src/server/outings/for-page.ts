import * as m from "@/messages";
import { areInOneWeek } from "@/formats/display/time";
import { inStandardDress } from "@/formats/wire/kit/generic-outfit";
import { STANDARD_DRESS, type ComparedIn } from "@/formats/wire/kit/standard-dress";
import { readPeopleAndPlaces } from "@/db";
import type { PersonToStartWith, StartingPoints } from "@/formats/wire/outing/starting-points";
import type { OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import type { PartySitter } from "@/formats/wire/outing/party-sitter";
import { currentGuest, currentOwnerId } from "../access";
import { AppError } from "../app-error";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { outfitsOf } from "../kit/outfits";
import { readSetting } from "../stored/stored";
import { openWithFigures, outingLines } from "./outings";
import { partySitters } from "./party/sitters";

type Listed = {
  readonly kind: "found";
  readonly outings: readonly OutingLine[];
  readonly groups: readonly { readonly title: string; readonly outings: readonly OutingLine[] }[];
};

/** Outings of this week, later and past ones: the next first, the past latest first. @param now ms since 1970 */
export async function listForPage(now: number): Promise<Listed | Refused> {
  try {
    const outings = await outingLines(database(), currentOwnerId());
    const isNext = ({ startsAt }: OutingLine): boolean => Date.parse(startsAt) >= now;
    const isThisWeek = ({ startsAt, timeZone }: OutingLine): boolean => areInOneWeek(startsAt, now, timeZone);
    const next = outings.filter(isNext);
    const groups = [
      { title: m.thisWeek, outings: next.filter(isThisWeek) },
      { title: m.next2, outings: next.filter((outing) => !isThisWeek(outing)) },
      { title: m.past, outings: outings.filter((outing) => !isNext(outing)).reverse() },
    ];
    return { kind: "found", outings, groups: groups.filter((group) => group.outings.length > 0) };
  } catch (error) {
    return refused(error);
  }
}

type Sheet = {
  readonly kind: "found";
  readonly view: OutingView;
  readonly verdict: VerdictLine | null;
  /** Nothing that is shown is still being recomputed. */
  readonly isSettled: boolean;
  /** Who sits, and who could go along. */
  readonly party: {
    readonly sitters: readonly PartySitter[];
    /** `null`: it is not for whoever asks to say who goes along. */
    readonly others: readonly { id: string; name: string }[] | null;
  };
};

/** A day sheet with its verdict and its party. */
export async function sheetForPage(outingId: string): Promise<Sheet | Refused> {
  try {
    const { view, verdict, isRecomputing } = await openWithFigures(database(), currentOwnerId(), outingId);
    const [sitters, { people }] = await Promise.all([
      partySitters(view),
      readPeopleAndPlaces(database(), currentOwnerId()),
    ]);
    const others = people.filter(({ id }) => !sitters.some(({ personId }) => personId === id));
    return {
      kind: "found",
      view,
      verdict,
      isSettled:
        !isRecomputing &&
        !view.person.notes?.isLearning &&
        !sitters.some((sitter) => sitter.isRecomputing || sitter.isElsewhere),
      party: { sitters, others: currentGuest() ? null : others.map(({ id, name }) => ({ id, name })) },
    };
  } catch (error) {
    return refused(error);
  }
}

/**
 * An outing whose person, clothes and place pieces are compared in: the one asked for, else the next, else the last.
 * @param personId whose outings are looked at; everybody's where it is not given
 */
export async function sheetToCompareIn(
  outingId: string | null,
  now: number,
  personId?: string,
): Promise<({ readonly kind: "found" } & ComparedIn) | Refused> {
  try {
    const all = await outingLines(database(), currentOwnerId());
    const lines = personId === undefined ? all : all.filter((line) => line.personId === personId);
    const next = lines.find(({ startsAt }) => Date.parse(startsAt) >= now) ?? lines.at(-1);
    const isStandard = outingId === STANDARD_DRESS;
    const wanted = isStandard ? next?.id : (outingId ?? next?.id);
    if (!wanted) throw new AppError("not-found", m.thereIsNoOutingYetMake);
    const { view } = await openWithFigures(database(), currentOwnerId(), wanted);
    return {
      kind: "found",
      view: isStandard ? inStandardDress(view) : view,
      chosen: isStandard ? STANDARD_DRESS : wanted,
      outings: lines.map(({ id, name }) => ({ id, name })),
    };
  } catch (error) {
    return refused(error);
  }
}

/** Clothes can be taken from the person's last outing, or where there is none yet from the next. */
async function personToStartWith(
  id: string,
  name: string,
  lines: readonly OutingLine[],
  now: number,
): Promise<PersonToStartWith> {
  const { outfits } = await outfitsOf(database(), currentOwnerId(), id, null);
  const own = lines.filter(({ personId }) => personId === id);
  const last = own.findLast(({ startsAt }) => Date.parse(startsAt) < now) ?? own[0];
  return {
    id,
    name,
    outfits: outfits.map((outfit) => ({ id: outfit.id, name: outfit.name })),
    last: last ? { id: last.id, name: last.name } : null,
  };
}

/** What a new outing can start from: people, places, earlier outings. @param now ms since 1970 */
export async function startingPointsForPage(
  now: number,
): Promise<{ readonly kind: "found"; readonly points: StartingPoints } | Refused> {
  try {
    const [{ people, places }, outings] = await Promise.all([
      readPeopleAndPlaces(database(), currentOwnerId()),
      outingLines(database(), currentOwnerId()),
    ]);
    const offered = people.filter(({ retired }) => !retired);
    return {
      kind: "found",
      points: {
        people: await Promise.all(offered.map(({ id, name }) => personToStartWith(id, name, outings, now))),
        places: places
          .filter(({ retired }) => !retired)
          .map(({ id, name, timeZone, setting }) => {
            const { latitudeDeg, longitudeDeg } = readSetting(setting, name);
            const isOnMap = latitudeDeg !== undefined && longitudeDeg !== undefined;
            return { id, name, timeZone, position: isOnMap ? { latitudeDeg, longitudeDeg } : null };
          }),
        outings: outings.map(({ id, name, personId, personName, placeName, timeZone, startsAt, invented }) => ({
          id,
          name,
          personId,
          personName,
          placeName,
          timeZone,
          startsAt,
          invented,
        })),
      },
    };
  } catch (error) {
    return refused(error);
  }
}
