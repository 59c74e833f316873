import type { ExtraThing } from "./preparation";
import { packingList, type PackLine } from "./packing-list";
import type { Planned } from "./planned";
import type { Thing } from "./things";

/** What several who go together need once (common practice, no source). */
const ONE_FOR_ALL: readonly Thing[] = ["messenger", "firstAid", "mapAndCompass", "throwLine"];

/** A line of the list of a whole trip. */
export type TripPackLine = PackLine & {
  /** Places of the days on whose own lists it stands. */
  readonly days: readonly number[];
  /** Several go, and one of it is enough. */
  readonly oneForAll: boolean;
};

/**
 * One list of several days: every line of any day once, in the order of the lists. A piece that one wears in at first and
 * carries on another day is listed as on its first.
 * @param people how many go together
 */
export function packingOfTrip(
  days: readonly { readonly planned: Planned; readonly extras: readonly ExtraThing[] }[],
  people: number,
): TripPackLine[] {
  const lines = new Map<string, { line: PackLine; days: number[] }>();
  days.forEach(({ planned, extras }, day) => {
    for (const line of packingList(planned, extras)) {
      const known = lines.get(line.key);
      if (known) known.days.push(day);
      else lines.set(line.key, { line, days: [day] });
    }
  });
  return [...lines.values()].map(({ line, days: on }) => ({
    ...line,
    days: on,
    oneForAll: people > 1 && line.what.kind === "thing" && ONE_FOR_ALL.includes(line.what.thing),
  }));
}
