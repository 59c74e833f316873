import * as m from "@/messages";
import type { Database } from "@/db";
import type { FieldCard } from "@/formats/wire/evening/field-card";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { currentOwnerId } from "../access";
import { AppError } from "../app-error";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { openWithFigures } from "../outings/outings";
import { judgeNow } from "../outings/recompute";

/** A card as it can be shown at once; `card` is `null` where no figures of it are known yet. */
export type CardNow = {
  readonly view: OutingView;
  readonly card: FieldCard | null;
  readonly isRecomputing: boolean;
};

const cannotBeComputed = (): AppError => new AppError("bad-input", m.thisOutingCannotBeComputedAs);

/** @throws {AppError} `not-found`, `bad-input` where the plan cannot be computed */
export async function cardNow(from: Database, ownerId: string, outingId: string): Promise<CardNow> {
  const { view, figures, isRecomputing } = await openWithFigures(from, ownerId, outingId);
  if (!figures && !isRecomputing) throw cannotBeComputed();
  return { view, card: figures && { view, ...figures }, isRecomputing };
}

/**
 * A card whose figures hold, waited for: for what is taken away as a file.
 * @throws {AppError} `not-found`, `bad-input` where the plan cannot be computed
 */
export async function fieldCardOf(from: Database, ownerId: string, outingId: string): Promise<FieldCard> {
  const { view, card, isRecomputing } = await cardNow(from, ownerId, outingId);
  if (card && !isRecomputing) return card;
  const figures = await judgeNow(from, ownerId, outingId);
  if (!figures) throw cannotBeComputed();
  return { view, ...figures };
}

export async function cardForPage(outingId: string): Promise<({ readonly kind: "found" } & CardNow) | Refused> {
  try {
    return { kind: "found", ...(await cardNow(database(), currentOwnerId(), outingId)) };
  } catch (error) {
    return refused(error);
  }
}
