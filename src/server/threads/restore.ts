import { faultCode, openScopedDatabases } from "@/db";
import { restoreBackup, type RestoreAnswer } from "../backup/restore";

export type RestoreJob = {
  readonly bytes: Uint8Array;
  readonly databaseUrl: string;
  readonly ownerId: string;
  /** ms since 1970 */
  readonly nowMs: number;
};

/** What errors say of themselves does not pass between threads: it is told. */
export type RestoreEnd =
  RestoreAnswer | { readonly kind: "notJson" } | { readonly kind: "failed"; readonly code: string | null };

/** Reads a file and puts back what it holds, on a connection of its own: a hundred megabytes hold up no request. */
export async function restore({ bytes, databaseUrl, ownerId, nowMs }: RestoreJob): Promise<RestoreEnd> {
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder().decode(bytes));
  } catch {
    return { kind: "notJson" };
  }
  const open = openScopedDatabases(databaseUrl);
  try {
    return await restoreBackup(open.for(ownerId), ownerId, value, nowMs);
  } catch (error) {
    return { kind: "failed", code: faultCode(error) };
  } finally {
    await open.close();
  }
}
