import { createHash } from "node:crypto";
import { MODEL_VERSION, simulateOuting } from "@/core/outing";
import { listOutings, readOuting, replaceOuting, storeVerdict, type Database } from "@/db";
import type { SaveOuting } from "@/formats/wire/outing-schema";
import type { OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing-view";
import { verdictLine } from "@/formats/wire/verdict-line";
import { viewToOuting } from "@/formats/wire/view-to-outing";
import { AppError } from "../app-error";
import { toLine, toView } from "./to-view";

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

const missing = (): AppError =>
  new AppError("not-found", "There is no such outing. It may have been removed; go back to the list.");

/** Everything a verdict follows from, in one hash. */
const inputHash = (view: OutingView): string =>
  createHash("sha256")
    .update(JSON.stringify(viewToOuting(view)))
    .digest("hex");

/** All outings with their verdicts; a verdict of an older model or another input is worked out anew. */
export async function outingLines(database: Database, ownerId: string): Promise<OutingLine[]> {
  const rows = await listOutings(database, ownerId);
  return Promise.all(
    rows.map(async (row) => {
      const line = toLine(row);
      if (row.outing.verdict && row.outing.verdictModelVersion === MODEL_VERSION) return line;
      const view = await openOuting(database, ownerId, row.outing.id);
      return { ...line, verdict: await judgeAndStore(database, ownerId, view) };
    }),
  );
}

/** @throws {AppError} `not-found` */
export async function openOuting(database: Database, ownerId: string, outingId: string): Promise<OutingView> {
  const rows = UUID.test(outingId) ? await readOuting(database, ownerId, outingId) : null;
  if (!rows) throw missing();
  return toView(rows);
}

/** An outing with the verdict that belongs to what it holds now. */
export async function openWithVerdict(
  database: Database,
  ownerId: string,
  outingId: string,
): Promise<{ view: OutingView; verdict: VerdictLine }> {
  const rows = UUID.test(outingId) ? await readOuting(database, ownerId, outingId) : null;
  if (!rows) throw missing();
  const view = toView(rows);
  const { verdict, verdictInputHash, verdictModelVersion } = rows.outing;
  const current = verdict && verdictModelVersion === MODEL_VERSION && verdictInputHash === inputHash(view);
  if (current) return { view, verdict: verdict as VerdictLine };
  return { view, verdict: await judgeAndStore(database, ownerId, view) };
}

async function judgeAndStore(database: Database, ownerId: string, view: OutingView): Promise<VerdictLine> {
  const result = simulateOuting(viewToOuting(view));
  const verdict = verdictLine(result);
  await storeVerdict(database, ownerId, view.id, {
    verdict,
    modelVersion: result.modelVersion,
    inputHash: inputHash(view),
  });
  return verdict;
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
  const before = await openOuting(database, ownerId, outingId);
  const kit = new Set(before.kit.map(({ id }) => id));
  const problems = wanted.wearings.flatMap(({ pieceId }, index) =>
    kit.has(pieceId) ? [] : [{ path: `wearings[${index}].pieceId`, reason: "is not a piece of this person's kit" }],
  );
  if (problems.length > 0) throw new AppError("bad-input", "Some pieces are not in the kit.", { problems });
  const replaced = await replaceOuting(database, ownerId, outingId, wanted.version, {
    weather: wanted.weather.map(({ at, ...hour }) => ({ at: new Date(at), ...hour })),
    phases: wanted.phases.map((phase, position) => ({ position, ...phase })),
    wearings: wanted.wearings,
  });
  if (replaced.kind === "missing") throw missing();
  if (replaced.kind === "conflict") {
    throw new AppError(
      "version-conflict",
      "This outing was changed elsewhere since you opened it. Nothing was overwritten.",
      {
        currentVersion: replaced.version,
      },
    );
  }
  await judgeAndStore(database, ownerId, await openOuting(database, ownerId, outingId));
  return { version: replaced.version };
}
