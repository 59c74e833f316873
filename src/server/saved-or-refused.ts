import type { Replaced } from "@/db";
import { AppError } from "./app-error";
import { isUuid } from "./uuid";

/**
 * The version that something edited came to.
 * @param what its word in messages: "piece", "person", "place"
 * @throws {AppError} `not-found`, `version-conflict`
 */
export async function savedOrRefused(
  what: string,
  id: string,
  save: () => Promise<Replaced>,
): Promise<{ version: number }> {
  const replaced: Replaced = isUuid(id) ? await save() : { kind: "missing" };
  if (replaced.kind === "missing") throw new AppError("not-found", `There is no such ${what}.`);
  if (replaced.kind === "conflict") {
    throw new AppError(
      "version-conflict",
      `The ${what} was changed elsewhere meanwhile. Open it again and change it there; what you typed is still here.`,
      { currentVersion: replaced.version },
    );
  }
  return { version: replaced.version };
}
