import { and, eq, inArray, isNull, or, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { patchCommands, type CommandsPatch } from "./sheet-commands";
import { hourOfWeather, outing, phase, wearing } from "../schema";

type Rows<Table extends { $inferInsert: object }> = readonly Omit<Table["$inferInsert"], "ownerId" | "outingId">[];

/** What of an outing's head a sheet changes. */
export type OutingHead = Partial<Pick<typeof outing.$inferInsert, "setting" | "weatherShaped" | "plan">>;

/** What an outing is made of besides its head. */
export type OutingContent = {
  readonly weather: Rows<typeof hourOfWeather>;
  readonly phases: Rows<typeof phase>;
  readonly wearings: Rows<typeof wearing>;
};

export type Replaced = { readonly kind: "saved" | "conflict"; readonly version: number } | { readonly kind: "missing" };
/** An outing may have been taken off the list meanwhile. */
export type ReplacedOuting = Replaced | { readonly kind: "removed" };

/** Rewrites an outing's weather, phases and wearings. */
export async function insertContent(
  connection: Connection,
  ownerId: string,
  outingId: string,
  content: OutingContent,
): Promise<void> {
  const owned = { ownerId, outingId };
  await connection
    .delete(hourOfWeather)
    .where(and(eq(hourOfWeather.ownerId, ownerId), eq(hourOfWeather.outingId, outingId)));
  await connection.delete(phase).where(and(eq(phase.ownerId, ownerId), eq(phase.outingId, outingId)));
  await connection.delete(wearing).where(and(eq(wearing.ownerId, ownerId), eq(wearing.outingId, outingId)));
  await connection.insert(hourOfWeather).values(content.weather.map((row) => ({ ...row, ...owned })));
  await connection.insert(phase).values(content.phases.map((row) => ({ ...row, ...owned })));
  if (content.wearings.length > 0) {
    await connection.insert(wearing).values(content.wearings.map((row) => ({ ...row, ...owned })));
  }
}

export type Replacement = {
  readonly head: OutingHead;
  readonly content: OutingContent;
  readonly history?: CommandsPatch | undefined;
  /** Id of this save. */
  readonly saveId?: string | undefined;
  /** Saves of the same writer whose answers never came: a state that one of them made is the writer's own. */
  readonly unacknowledgedSaves: readonly string[];
};

/**
 * Replaces an outing's content if it is still at the version the writer saw.
 * A save whose answer was lost on the way counts as seen by the writer who sent it.
 * Two writers on the same version: one is saved, the other is told of the conflict and changes nothing.
 * @param transaction in which nothing else may fail half way
 */
export async function replaceOuting(
  transaction: Connection,
  ownerId: string,
  outingId: string,
  expectedVersion: number,
  { head, content, history, saveId, unacknowledgedSaves }: Replacement,
): Promise<ReplacedOuting> {
  const own = and(eq(outing.ownerId, ownerId), eq(outing.id, outingId));
  const [raised] = await transaction
    .update(outing)
    .set({
      ...head,
      version: sql`${outing.version} + 1`,
      lastSave: saveId ?? null,
      verdictInputHash: null, // until it is recomputed
      updatedAt: sql`now()`,
    })
    .where(
      and(
        own,
        isNull(outing.removedAt),
        or(eq(outing.version, expectedVersion), inArray(outing.lastSave, [...unacknowledgedSaves])),
      ),
    )
    .returning({ version: outing.version });
  if (!raised) {
    const [current] = await transaction
      .select({ version: outing.version, removedAt: outing.removedAt })
      .from(outing)
      .where(own);
    if (!current) return { kind: "missing" };
    return current.removedAt ? { kind: "removed" } : { kind: "conflict", version: current.version };
  }
  await insertContent(transaction, ownerId, outingId, content);
  if (history) await patchCommands(transaction, ownerId, outingId, history);
  return { kind: "saved", version: raised.version };
}

/** Takes an outing off the list, or has it back. @returns whether there is such an outing */
export async function setRemoved(
  connection: Connection,
  ownerId: string,
  outingId: string,
  removedAt: Date | null,
): Promise<boolean> {
  const changed = await connection
    .update(outing)
    .set({ removedAt })
    .where(and(eq(outing.ownerId, ownerId), eq(outing.id, outingId)))
    .returning({ id: outing.id });
  return changed.length > 0;
}
