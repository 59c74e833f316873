import { readPeopleAndPlaces } from "@/db";
import type { StartingPoints } from "@/formats/wire/starting-points";
import type { OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing-view";
import { LOCAL_OWNER_ID } from "../access";
import { APP_ERRORS } from "../app-error";
import { database } from "../composition";
import { toAppError } from "../http/respond";
import { openWithVerdict, outingLines } from "./outings";

/** What a page shows instead of what it was asked for. */
export type Refused = { readonly kind: "refused"; readonly status: number; readonly message: string };

type Listed = {
  readonly kind: "found";
  readonly outings: readonly OutingLine[];
  readonly groups: readonly { readonly title: string; readonly outings: readonly OutingLine[] }[];
};

function refused(error: unknown): Refused {
  const known = toAppError(error);
  if (!known) throw error;
  return { kind: "refused", status: APP_ERRORS[known.code], message: known.message };
}

/** Next and past outings: the next first, the past latest first. @param now ms since 1970 */
export async function listForPage(now: number): Promise<Listed | Refused> {
  try {
    const outings = await outingLines(database(), LOCAL_OWNER_ID);
    const isNext = ({ startsAt }: OutingLine): boolean => Date.parse(startsAt) >= now;
    const groups = [
      { title: "Next", outings: outings.filter(isNext) },
      { title: "Past", outings: outings.filter((outing) => !isNext(outing)).reverse() },
    ];
    return { kind: "found", outings, groups: groups.filter((group) => group.outings.length > 0) };
  } catch (error) {
    return refused(error);
  }
}

/** A day sheet with its verdict. */
export async function sheetForPage(
  outingId: string,
): Promise<{ readonly kind: "found"; readonly view: OutingView; readonly verdict: VerdictLine | null } | Refused> {
  try {
    return { kind: "found", ...(await openWithVerdict(database(), LOCAL_OWNER_ID, outingId)) };
  } catch (error) {
    return refused(error);
  }
}

/** What a new outing can start from: people, places, earlier outings. */
export async function startingPointsForPage(): Promise<
  { readonly kind: "found"; readonly points: StartingPoints } | Refused
> {
  try {
    const [{ people, places }, outings] = await Promise.all([
      readPeopleAndPlaces(database(), LOCAL_OWNER_ID),
      outingLines(database(), LOCAL_OWNER_ID),
    ]);
    return {
      kind: "found",
      points: {
        people: people.map(({ id, name }) => ({ id, name })),
        places: places.map(({ id, name, timeZone }) => ({ id, name, timeZone })),
        outings: outings.map(({ id, name, personName, placeName, timeZone, startsAt, invented }) => ({
          id,
          name,
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
