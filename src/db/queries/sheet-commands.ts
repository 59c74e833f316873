import { and, asc, eq, gte, lt, or } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, sheetCommand, type SheetChange } from "../schema";

export type CommandRow = { readonly id: string; readonly label: string; readonly changes: readonly SheetChange[] };
/** Places are counted from the first command ever: `keep` of them stay, `add` follow, `done` are done. */
export type CommandsPatch = {
  readonly keep: number;
  readonly add: readonly CommandRow[];
  readonly done: number;
  /** How many are remembered at most. */
  readonly most: number;
};

/** Commands of an outing in order, the place of the first of them, and how many of all are done. */
export async function readCommands(connection: Connection, ownerId: string, outingId: string) {
  const own = and(eq(outing.ownerId, ownerId), eq(outing.id, outingId));
  const [head] = await connection.select({ done: outing.commandsDone }).from(outing).where(own);
  if (!head) return null;
  const rows = await connection
    .select()
    .from(sheetCommand)
    .where(and(eq(sheetCommand.ownerId, ownerId), eq(sheetCommand.outingId, outingId)))
    .orderBy(asc(sheetCommand.position));
  return {
    from: rows[0]?.position ?? head.done,
    done: head.done,
    commands: rows.map(({ id, label, changes }) => ({ id, label, changes })),
  };
}

/**
 * Replaces the end of an outing's list of commands; the oldest are forgotten. A patch that does not follow what is there
 * is fitted to it: places stay without gaps, and never fewer are done than are forgotten.
 */
export async function patchCommands(
  connection: Connection,
  ownerId: string,
  outingId: string,
  patch: CommandsPatch,
): Promise<void> {
  const own = and(eq(sheetCommand.ownerId, ownerId), eq(sheetCommand.outingId, outingId));
  const ofOuting = and(eq(outing.ownerId, ownerId), eq(outing.id, outingId));
  const known = await readCommands(connection, ownerId, outingId);
  const [from, count] = known ? [known.from, known.commands.length] : [0, 0];
  const { add, most } = patch;
  const keep = Math.min(from + count, patch.keep);
  const oldest = Math.max(Math.min(from, keep), keep + add.length - most);
  const done = Math.min(keep + add.length, Math.max(oldest, patch.done));
  await connection.update(outing).set({ commandsDone: done }).where(ofOuting);
  await connection
    .delete(sheetCommand)
    .where(and(own, or(gte(sheetCommand.position, keep), lt(sheetCommand.position, oldest))));
  if (add.length === 0) return;
  await connection
    .insert(sheetCommand)
    .values(add.map((command, index) => ({ ownerId, outingId, position: keep + index, ...command })));
}
