import { v7 as uuid } from "uuid";
import { swappedIn, type DaySwap, type Swap } from "@/core/trip";
import type { WearingView } from "@/formats/wire/outing/outing-view";
import { changeOutings } from "./trip";

/** Every wearing keeps its name; of one that becomes two the second has its own. */
const swapped = (wearings: readonly WearingView[], swap: Swap): WearingView[] =>
  wearings.flatMap((wearing) =>
    swappedIn(wearing, swap).map((own, index) => (index === 0 ? own : { ...own, id: uuid() })),
  );

/** @param change of a day's wearings; the same list where nothing changes */
const changeWearings = (change: (wearings: readonly WearingView[], place: number) => readonly WearingView[]): void =>
  changeOutings((outing, place) => {
    const wearings = change(outing.wearings, place);
    return wearings === outing.wearings ? outing : { ...outing, wearings };
  });

/** Wears pieces in turns as a plan says. @param places of a sitter's days in the trip */
export function applySwaps(places: readonly number[], swaps: readonly DaySwap[]): void {
  changeWearings((wearings, place) => {
    const own = swaps.filter(({ day }) => places[day] === place);
    return own.length === 0 ? wearings : own.reduce<readonly WearingView[]>(swapped, wearings);
  });
}

/** Wears a piece instead of another on one day. */
export const wearInstead = (place: number, wornId: string, insteadId: string): void =>
  changeWearings((wearings, own) =>
    own === place ? swapped(wearings, { wornId, insteadId, fromMinute: null }) : wearings,
  );

/** Leaves pieces at home on all days of a sitter. */
export function leaveAtHome(places: readonly number[], pieceIds: readonly string[]): void {
  changeWearings((wearings, place) =>
    places.includes(place) && wearings.some(({ pieceId }) => pieceIds.includes(pieceId))
      ? wearings.filter(({ pieceId }) => !pieceIds.includes(pieceId))
      : wearings,
  );
}
