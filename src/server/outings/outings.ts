import * as m from "@/messages";
import {
  inTransaction,
  listOutings,
  listParty,
  oneSnapshot,
  lockParty,
  readCommands,
  readOuting,
  replaceOuting,
  setRemoved,
  type Database,
} from "@/db";
import { MOST_COMMANDS, type History } from "@/formats/sheet-commands/sheet-command";
import type { OutingFigures } from "@/formats/wire/evening/field-card";
import type { SaveOuting } from "@/formats/wire/outing/outing-schema";
import type { OutingContentView, OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import { asSeen } from "../shares/as-seen";
import { isUuid } from "../uuid";
import { AppError } from "../app-error";
import { contentRows } from "./content-rows";
import { missingOuting, openOuting } from "./open-outing";
import { propagateToParty } from "./party/along";
import { recomputeAlong } from "./party/recompute-along";
import { holdsFor, mayHold, recompute } from "./recompute";
import { readCard, readVerdict } from "../stored/stored-figures";
import { readHistory } from "../stored/stored-commands";
import { toLine, toView } from "./to-view";

/**
 * All outings with the verdicts kept for them. Where one is of an older model or of other clothes it says so, and the
 * one that holds is computed in the background.
 */
export async function outingLines(database: Database, ownerId: string, removed = false): Promise<OutingLine[]> {
  return linesOf(database, ownerId, await listOutings(database, ownerId, removed));
}

/** An outing and the others of its party in this account, as `outingLines` gives them. */
export async function partyLines(
  database: Database,
  ownerId: string,
  view: Pick<OutingView, "id" | "partyId">,
): Promise<OutingLine[]> {
  return linesOf(database, ownerId, await listParty(database, ownerId, view));
}

const linesOf = (database: Database, ownerId: string, rows: Awaited<ReturnType<typeof listOutings>>): OutingLine[] =>
  rows.map((row) => {
    const isRecomputing = !mayHold(row.outing);
    if (isRecomputing) recompute(database, ownerId, row.outing.id);
    return { ...toLine(row), isRecomputing };
  });

/** An outing with what is kept for it; `isRecomputing` says that this no longer holds and is being found in the background. */
export type OutingWithFigures = {
  readonly view: OutingView;
  readonly verdict: VerdictLine | null;
  readonly figures: OutingFigures | null;
  readonly isRecomputing: boolean;
};

/** @throws {AppError} `not-found` */
export async function openWithFigures(
  database: Database,
  ownerId: string,
  outingId: string,
): Promise<OutingWithFigures> {
  const rows = isUuid(outingId)
    ? await oneSnapshot(database, (transaction) => readOuting(transaction, ownerId, outingId))
    : null;
  if (!rows) throw missingOuting();
  const whole = toView(rows);
  const isRecomputing = !holdsFor(rows.outing, whole);
  if (isRecomputing) recompute(database, ownerId, outingId);
  const view = await asSeen(database, ownerId, whole);
  const verdict = readVerdict(rows.outing.verdict);
  const card = readCard(rows.outing.card);
  return { view, verdict, figures: verdict && card && { verdict, ...card }, isRecomputing };
}

/** @throws {AppError} `bad-input` for a piece that is not in the kit */
export function refuseForeignPieces(
  kit: readonly { readonly id: string }[],
  { wearings }: Pick<OutingContentView, "wearings">,
): void {
  const known = new Set(kit.map(({ id }) => id));
  const problems = wearings.flatMap(({ pieceId }, index) =>
    known.has(pieceId) ? [] : [{ path: `wearings[${index}].pieceId`, reason: m.isNotAPieceOfThis }],
  );
  if (problems.length > 0) throw new AppError("bad-input", m.somePiecesAreNotInThe, { problems });
}

/**
 * Saves a day sheet.
 * @throws {AppError} `not-found`, `bad-input` for a piece that is not in the person's kit, `version-conflict`
 */
export async function saveOuting(
  database: Database,
  ownerId: string,
  outingId: string,
  wanted: SaveOuting,
): Promise<{ version: number }> {
  if (!isUuid(outingId)) throw missingOuting();
  const { replaced, along } = await inTransaction(database, async (transaction) => {
    await lockParty(transaction, ownerId, outingId);
    const before = await openOuting(transaction, ownerId, outingId);
    refuseForeignPieces(before.kit, wanted);
    const { version, saveId, unacknowledgedSaves, history, setting, weatherShaped, plan = before.plan } = wanted;
    const result = await replaceOuting(transaction, ownerId, outingId, version, {
      head: { setting, weatherShaped, plan },
      content: contentRows(wanted),
      history: history && { ...history, most: MOST_COMMANDS },
      saveId,
      unacknowledgedSaves,
    });
    const others =
      result.kind === "saved" ? await propagateToParty(transaction, ownerId, before, { ...wanted, plan }) : [];
    return { replaced: result, along: others };
  });
  if (replaced.kind === "missing") throw missingOuting();
  if (replaced.kind === "removed") {
    throw new AppError("not-found", m.thisOutingWasRemovedSoNothing);
  }
  if (replaced.kind === "conflict") {
    throw new AppError("version-conflict", m.thisOutingWasChangedElsewhereSinceTitle, {
      currentVersion: replaced.version,
    });
  }
  recompute(database, ownerId, outingId);
  recomputeAlong(along);
  return { version: replaced.version };
}

/** Takes an outing off the list, or has it back. @throws {AppError} `not-found` */
export async function removeOuting(
  database: Database,
  ownerId: string,
  outingId: string,
  removedAt: Date | null,
): Promise<{ id: string }> {
  if (!isUuid(outingId) || !(await setRemoved(database, ownerId, outingId, removedAt))) throw missingOuting();
  return { id: outingId };
}

/** What was done to an outing's sheet. @throws {AppError} `not-found` */
export async function outingHistory(database: Database, ownerId: string, outingId: string): Promise<History> {
  const found = isUuid(outingId) ? await readCommands(database, ownerId, outingId) : null;
  if (!found) throw missingOuting();
  return readHistory(found);
}
