import type { Outing } from "@/core/outing";
import { OUTING_FORMAT_VERSION, type OutingFile } from "./schema/outing-schema";
import { instantAt } from "./to-outing";

/** What a file says of an outing beside what its figure follows from. */
export type FileHead = Pick<OutingFile, "name" | "startsAt" | "timeZone">;

/** An outing as a file that stands alone: what `toOuting` gives back is the same outing. */
export function fileOfOuting(outing: Outing, { name, startsAt, timeZone }: FileHead): OutingFile {
  const { person, place, start, storedStartC, weather, phases, pieces, wearings } = outing;
  const { body, ...own } = person;
  return {
    formatVersion: OUTING_FORMAT_VERSION,
    name,
    startsAt,
    timeZone,
    person: { ...body, ...own },
    start,
    storedStartC,
    place,
    weather: weather.map(({ minute, ...hour }) => ({ at: instantAt(startsAt, minute), ...hour })),
    weatherShaped: false,
    phases,
    pieces,
    // Heat that runs as usual is not said.
    wearings: wearings.map(({ heat, ...wearing }) => (heat ? { ...wearing, heat } : wearing)),
  } as OutingFile; // readonly lists as lists: a file is written, never changed
}
