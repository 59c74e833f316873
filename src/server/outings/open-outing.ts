import * as m from "@/messages";
import { readOuting, type Connection } from "@/db";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { AppError } from "../app-error";
import { asSeen } from "../shares/as-seen";
import { isUuid } from "../uuid";
import { toView } from "./to-view";

export const missingOuting = (): AppError => new AppError("not-found", m.thereIsNoSuchOutingIt);

/** An outing, as whoever asks may see it. @throws {AppError} `not-found` */
export async function openOuting(connection: Connection, ownerId: string, outingId: string): Promise<OutingView> {
  const rows = isUuid(outingId) ? await readOuting(connection, ownerId, outingId) : null;
  if (!rows) throw missingOuting();
  return asSeen(connection, ownerId, toView(rows));
}
