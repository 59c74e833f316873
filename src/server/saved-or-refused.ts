import * as m from "@/messages";
import type { Replaced } from "@/db";
import { AppError } from "./app-error";
import { isUuid } from "./uuid";

const WORDS = {
  piece: { missing: m.thereIsNoSuchPiece, changed: m.pieceChangedElsewhere },
  person: { missing: m.thereIsNoSuchPerson, changed: m.personChangedElsewhere },
  trip: { missing: m.tripIsNotThere, changed: m.tripChangedElsewhere },
  place: { missing: m.noSuchPlace, changed: m.placeChangedElsewhere },
} as const;

/**
 * The version that something edited came to.
 * @throws {AppError} `not-found`, `version-conflict`
 */
export async function savedOrRefused(
  what: keyof typeof WORDS,
  id: string,
  save: () => Promise<Replaced>,
): Promise<{ version: number }> {
  const replaced: Replaced = isUuid(id) ? await save() : { kind: "missing" };
  if (replaced.kind === "missing") throw new AppError("not-found", WORDS[what].missing);
  if (replaced.kind === "conflict") {
    throw new AppError("version-conflict", WORDS[what].changed, {
      currentVersion: replaced.version,
    });
  }
  return { version: replaced.version };
}
