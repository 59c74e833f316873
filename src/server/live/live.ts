import * as m from "@/messages";
import { timingSafeEqual } from "node:crypto";
import {
  addReadings,
  beginLiveSit,
  changeLiveSit,
  countReadings,
  inTransaction,
  lockLiveSit,
  readLiveSit,
  readReadings,
  tellLive,
  type Database,
} from "@/db";
import type { TimedReading } from "@/formats/live/senml";
import { liveVotesSchema, MOST_READINGS } from "@/formats/wire/live/live-schema";
import type { LiveBegun, LiveView, LiveVoteView } from "@/formats/wire/live/live-view";
import { AppError } from "../app-error";
import { hashOf } from "../hash-of";
import { newToken } from "../secret-token";
import { openOuting } from "../outings/open-outing";
import { readLiveVotes as readVotes } from "../stored/stored-logbook";
import { isUuid } from "../uuid";

const noSit = (): AppError => new AppError("not-found", m.liveNotBegun);

/**
 * Begins a sit. What an earlier one of this outing was told is forgotten.
 * @returns what loggers send with; only its hash is kept
 * @throws {AppError} `not-found`
 */
export async function beginSit(
  database: Database,
  ownerId: string,
  outingId: string,
  beganAt: string,
): Promise<LiveBegun> {
  await openOuting(database, ownerId, outingId);
  const token = newToken();
  await inTransaction(database, async (transaction) => {
    await beginLiveSit(transaction, { ownerId, outingId, tokenHash: hashOf(token), beganAt: new Date(beganAt) });
    await tellLive(transaction, ownerId, outingId);
  });
  return { token };
}

/** A sit with what loggers told of it after a place; `null` where none was begun. */
export async function sitSince(
  database: Database,
  ownerId: string,
  outingId: string,
  place: number,
): Promise<LiveView | null> {
  const row = await readLiveSit(database, ownerId, outingId);
  if (!row) return null;
  const rows = await readReadings(database, ownerId, outingId, place, MOST_READINGS);
  return {
    beganAt: row.beganAt.toISOString(),
    endedAt: row.endedAt?.toISOString() ?? null,
    votes: readVotes(row.votes, outingId),
    readings: rows.map(({ at, ...reading }) => ({ ...reading, at: at.toISOString() })),
  };
}

/** A sit with all that was told of it; `null` where none was begun. @throws {AppError} `not-found` */
export async function liveOf(database: Database, ownerId: string, outingId: string): Promise<LiveView | null> {
  await openOuting(database, ownerId, outingId);
  return sitSince(database, ownerId, outingId, 0);
}

/** Adds what was said, and ends the sit if that is told. Said twice it stands once. @throws {AppError} `not-found` */
export async function changeSit(
  database: Database,
  ownerId: string,
  outingId: string,
  { votes, endedAt }: { readonly votes: readonly LiveVoteView[]; readonly endedAt?: string | undefined },
): Promise<void> {
  await openOuting(database, ownerId, outingId);
  await inTransaction(database, async (transaction) => {
    const row = await lockLiveSit(transaction, ownerId, outingId);
    if (!row) throw noSit();
    const all = [...readVotes(row.votes, outingId), ...votes];
    const once = [...new Map(all.map((vote) => [`${vote.at} ${vote.part}`, vote])).values()];
    const kept = liveVotesSchema.safeParse(once);
    if (!kept.success) throw new AppError("bad-input", m.liveTooMuch);
    await changeLiveSit(transaction, ownerId, outingId, {
      votes: kept.data,
      ...(endedAt ? { endedAt: new Date(endedAt) } : {}),
    });
    await tellLive(transaction, ownerId, outingId);
  });
}

function isToken(token: string, hash: string): boolean {
  const [own, kept] = [Buffer.from(hashOf(token)), Buffer.from(hash)];
  return own.length === kept.length && timingSafeEqual(own, kept);
}

/**
 * Keeps what loggers told. Order does not matter, and what is told again stands once.
 * @param token what the sit gave when it began; `null` of the page itself
 * @returns how many were new
 * @throws {AppError} `not-found`, `wrong-token`, `bad-input` for more than is kept of a sit
 */
export async function takeReadings(
  database: Database,
  ownerId: string,
  outingId: string,
  token: string | null,
  readings: readonly TimedReading[],
): Promise<number> {
  if (!isUuid(outingId)) throw noSit();
  return inTransaction(database, async (transaction) => {
    const row = await lockLiveSit(transaction, ownerId, outingId);
    if (!row) throw noSit();
    if (token !== null && !isToken(token, row.tokenHash)) throw new AppError("wrong-token", m.liveWrongToken);
    const before = await countReadings(transaction, ownerId, outingId);
    if (before + readings.length > MOST_READINGS) throw new AppError("bad-input", m.liveTooMuch);
    const once = new Map(readings.map((reading) => [`${reading.sensor} ${reading.atMs}`, reading]));
    const added = await addReadings(
      transaction,
      ownerId,
      outingId,
      [...once.values()].map(({ sensor, atMs, valueC }) => ({ sensor, at: new Date(atMs), valueC })),
    );
    if (added > 0) await tellLive(transaction, ownerId, outingId);
    return added;
  });
}
