import { createHash } from "node:crypto";
import { MODEL_VERSION } from "@/core/outing";
import {
  inTransaction,
  listOutings,
  lockParty,
  readCommands,
  readOuting,
  replaceOuting,
  setRemoved,
  storeVerdict,
  type Database,
} from "@/db";
import { MOST_COMMANDS, type History, type SheetCommand } from "@/formats/sheet-commands/sheet-command";
import type { SaveOuting } from "@/formats/wire/outing-schema";
import type { OutingContentView, OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing-view";
import { viewToOuting } from "@/formats/wire/view-to-outing";
import { log } from "../log";
import { isUuid } from "../uuid";
import { AppError } from "../app-error";
import { contentRows } from "./content-rows";
import { judgeView } from "./judge";
import { missingOuting, openOuting } from "./open-outing";
import { handOn } from "./party";
import { toLine, toView } from "./to-view";

/** Everything a verdict follows from, in one hash. */
const inputHash = (view: OutingView): string =>
  createHash("sha256")
    .update(JSON.stringify(viewToOuting(view)))
    .digest("hex");

/** All outings with their verdicts; a verdict of an older model or another input is worked out anew. */
export async function outingLines(database: Database, ownerId: string, removed = false): Promise<OutingLine[]> {
  const rows = await listOutings(database, ownerId, removed);
  return Promise.all(
    rows.map(async (row) => {
      const line = toLine(row);
      const { verdictModelVersion, verdictInputHash } = row.outing;
      if (verdictModelVersion === MODEL_VERSION && verdictInputHash !== null) return line;
      const view = await openOuting(database, ownerId, row.outing.id);
      return { ...line, verdict: await judgeAndStore(database, ownerId, view) };
    }),
  );
}

/** An outing with the verdict that belongs to what it holds now. */
export async function openWithVerdict(
  database: Database,
  ownerId: string,
  outingId: string,
): Promise<{ view: OutingView; verdict: VerdictLine | null }> {
  const rows = isUuid(outingId) ? await readOuting(database, ownerId, outingId) : null;
  if (!rows) throw missingOuting();
  const view = toView(rows);
  const { verdict, verdictInputHash, verdictModelVersion } = rows.outing;
  const isCurrent = verdictModelVersion === MODEL_VERSION && verdictInputHash === inputHash(view);
  if (isCurrent) return { view, verdict: verdict as VerdictLine | null };
  return { view, verdict: await judgeAndStore(database, ownerId, view) };
}

export async function judgeAndStore(
  database: Database,
  ownerId: string,
  view: OutingView,
): Promise<VerdictLine | null> {
  const verdict = await judgeView(view);
  const judged = inputHash(view);
  await inTransaction(database, async (transaction) => {
    // What it follows from may have changed while it was computed: then it is not kept, and found anew when next asked.
    await lockParty(transaction, ownerId, view.id);
    const rows = await readOuting(transaction, ownerId, view.id);
    if (!rows || inputHash(toView(rows)) !== judged) return;
    await storeVerdict(transaction, ownerId, view.id, { verdict, modelVersion: MODEL_VERSION, inputHash: judged });
  });
  return verdict;
}

/** @throws {AppError} `bad-input` for a piece that is not in the kit */
export function refuseForeignPieces(
  kit: readonly { readonly id: string }[],
  { wearings }: Pick<OutingContentView, "wearings">,
): void {
  const known = new Set(kit.map(({ id }) => id));
  const problems = wearings.flatMap(({ pieceId }, index) =>
    known.has(pieceId) ? [] : [{ path: `wearings[${index}].pieceId`, reason: "is not a piece of this person's kit" }],
  );
  if (problems.length > 0) throw new AppError("bad-input", "Some pieces are not in the kit.", { problems });
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
    const { version, saveId, tried, history, setting, weatherShaped, plan = before.plan } = wanted;
    const result = await replaceOuting(transaction, ownerId, outingId, version, {
      head: { setting, weatherShaped, plan },
      content: contentRows(wanted),
      history: history && { ...history, most: MOST_COMMANDS },
      saveId,
      tried,
    });
    const others = result.kind === "saved" ? await handOn(transaction, ownerId, before, { ...wanted, plan }) : [];
    return { replaced: result, along: others };
  });
  if (replaced.kind === "missing") throw missingOuting();
  if (replaced.kind === "conflict") {
    throw new AppError(
      "version-conflict",
      "This outing was changed elsewhere since you opened it. Nothing was overwritten.",
      {
        currentVersion: replaced.version,
      },
    );
  }
  // It is saved: a verdict that fails now is found when next asked for.
  for (const id of [outingId, ...along]) {
    await openOuting(database, ownerId, id)
      .then((view) => judgeAndStore(database, ownerId, view))
      .catch((error: unknown) => log.warn({ err: error, outing: id }, "a verdict is left for later"));
  }
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
  const { from, done, commands } = found;
  const kept = commands as readonly SheetCommand[];
  return { dropped: from, commands: kept, done: Math.min(kept.length, Math.max(0, done - from)) };
}
