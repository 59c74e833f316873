import type { Felt } from "@/core/logbook";
import type { LogbookEntry } from "@/formats/wire/logbook/logbook-view";
import type { OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import { LOCAL_OWNER_ID } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { openWithFigures, outingLines } from "../outings/outings";
import { logbookOf, noteOf } from "./logbook";

type Logbook = {
  readonly kind: "found";
  readonly entries: readonly LogbookEntry[];
  /** Outings that are over and that nobody has told of, the latest first. */
  readonly untold: readonly OutingLine[];
};

/** @param now ms since 1970 */
export async function logbookForPage(now: number): Promise<Logbook | Refused> {
  try {
    const entries = await logbookOf(database(), LOCAL_OWNER_ID);
    const told = new Set(entries.map(({ outingId }) => outingId));
    const lines = await outingLines(database(), LOCAL_OWNER_ID);
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
  readonly felt: Felt | null;
};

/** An outing, and what was felt on it if that was told. */
export async function afterSitForPage(outingId: string): Promise<AfterSit | Refused> {
  try {
    const { view, verdict } = await openWithFigures(database(), LOCAL_OWNER_ID, outingId);
    return { kind: "found", view, verdict, felt: await noteOf(database(), LOCAL_OWNER_ID, outingId) };
  } catch (error) {
    return refused(error);
  }
}
