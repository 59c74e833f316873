import type { Backup } from "./backup-schema";
import { oneOuting } from "./one-outing";

const once = <Row extends { readonly id: string }>(rows: readonly Row[]): Row[] => [
  ...new Map(rows.map((row) => [row.id, row])).values(),
];

/**
 * A trip with its outings, of a backup: each of them as it is given alone, so that coordinates and tracks go along only
 * where its plan ticks that. A place that any day tells is told.
 */
export function oneTrip(backup: Backup, tripId: string): Backup {
  const trips = backup.trips.filter(({ id }) => id === tripId);
  const days = trips
    .flatMap((trip) => trip.days)
    .flatMap(({ outingId }) => oneOuting(backup, outingId) ?? [])
    // The last of a name counts: what tells comes last.
    .sort((one, other) => Number(tells(one)) - Number(tells(other)));
  return {
    ...backup,
    people: once(days.flatMap(({ people }) => people)),
    places: once(days.flatMap(({ places }) => places)),
    pieces: once(days.flatMap(({ pieces }) => pieces)),
    outfits: [],
    outings: once(days.flatMap(({ outings }) => outings)),
    trips,
  };
}

const tells = ({ outings }: Backup): boolean => outings.some(({ plan }) => plan.tellsPlace ?? false);
