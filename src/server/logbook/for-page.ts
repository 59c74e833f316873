import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import type { LogbookEntry } from "@/formats/wire/logbook/logbook-view";
import type { OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { openWithFigures, outingLines } from "../outings/outings";
import { entryWithFile, logbookOf } from "./logbook";
import { restate } from "./today";

type Logbook = {
  readonly kind: "found";
  readonly entries: readonly LogbookEntry[];
  /** Outings that are over and that nobody has told of, the latest first. */
  readonly untold: readonly OutingLine[];
};

/** @param now ms since 1970 */
export async function logbookForPage(now: number): Promise<Logbook | Refused> {
  try {
    const entries = await logbookOf(database(), currentOwnerId());
    for (const { outingId, today } of entries) if (today === null) restate(database(), currentOwnerId(), outingId);
    const told = new Set(entries.map(({ outingId }) => outingId));
    const lines = await outingLines(database(), currentOwnerId());
    const untold = lines.filter(({ id, startsAt }) => !told.has(id) && Date.parse(startsAt) < now).reverse();
    return { kind: "found", entries, untold };
  } catch (error) {
    return refused(error);
  }
}

type AfterSit = {
  readonly kind: "found";
  readonly view: OutingView;
  readonly verdict: VerdictLine | null;
  /** As it was told, with the outing as it was then; `null` where nobody has told. */
  readonly told: { readonly entry: LogbookEntry; readonly file: OutingFile } | null;
};

/** An outing, and what was felt on it if that was told. */
export async function afterSitForPage(outingId: string): Promise<AfterSit | Refused> {
  try {
    const { view, verdict } = await openWithFigures(database(), currentOwnerId(), outingId);
    const told = await entryWithFile(database(), currentOwnerId(), outingId);
    if (told && told.entry.today === null) restate(database(), currentOwnerId(), outingId);
    return { kind: "found", view, verdict, told };
  } catch (error) {
    return refused(error);
  }
}
