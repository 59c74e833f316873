import * as m from "@/messages";
import { readOuting, type Connection } from "@/db";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { AppError } from "../app-error";
import { isUuid } from "../uuid";
import { toView } from "./to-view";

export const missingOuting = (): AppError => new AppError("not-found", m.thereIsNoSuchOutingIt);

/** @throws {AppError} `not-found` */
export async function openOuting(connection: Connection, ownerId: string, outingId: string): Promise<OutingView> {
  const rows = isUuid(outingId) ? await readOuting(connection, ownerId, outingId) : null;
  if (!rows) throw missingOuting();
  return toView(rows);
}
