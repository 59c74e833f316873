import { newThicknessMm } from "@/core/care";
import { laneOf } from "@/core/pieces";
import { readKit, readPeopleAndPlaces } from "@/db";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import type { KitName } from "@/formats/logbook/from-table/sit-table";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { toPieceView } from "../kit/piece-view";
import { openOuting } from "../outings/open-outing";
import { outingLines } from "../outings/outings";

type Named = { readonly id: string; readonly name: string };
/** Whose sits can be brought in, with the pieces of their kits and what they wore on outings. */
export type BringingPerson = Named & {
  readonly pieces: readonly KitName[];
  readonly worn: readonly (Named & { readonly pieceIds: readonly string[] })[];
};
export type BringingPlace = Named & { readonly timeZone: string };

type Found = {
  readonly kind: "found";
  readonly people: readonly BringingPerson[];
  readonly places: readonly BringingPlace[];
};

/** Latest outings that are offered to take clothes from. */
const MOST_OUTINGS = 12;

async function wornOn(personId: string, lines: readonly OutingLine[]): Promise<BringingPerson["worn"]> {
  const own = lines.filter((line) => line.personId === personId).slice(-MOST_OUTINGS);
  const views = await Promise.all(own.map(({ id }) => openOuting(database(), currentOwnerId(), id)));
  return views.map(({ id, name, wearings }) => ({
    id,
    name,
    pieceIds: [...new Set(wearings.map(({ pieceId }) => pieceId))],
  }));
}

export async function bringForPage(): Promise<Found | Refused> {
  try {
    const { people, places } = await readPeopleAndPlaces(database(), currentOwnerId());
    const lines = await outingLines(database(), currentOwnerId());
    const withKit = people
      .filter(({ retired }) => !retired)
      .map(async ({ id, name }): Promise<BringingPerson> => {
        const kit = await readKit(database(), currentOwnerId(), id);
        const pieces = kit.map(({ piece }) => {
          const { name: own, kind, label } = toPieceView(piece);
          return {
            id: piece.id,
            name: own,
            lane: laneOf({ kind, label }),
            kind,
            thicknessMm: Math.round(newThicknessMm(label)),
          };
        });
        return { id, name, pieces, worn: await wornOn(id, lines) };
      });
    return {
      kind: "found",
      people: await Promise.all(withKit),
      places: places.filter(({ retired }) => !retired).map(({ id, name, timeZone }) => ({ id, name, timeZone })),
    };
  } catch (error) {
    return refused(error);
  }
}
