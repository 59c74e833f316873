import * as m from "@/messages";
import type { FileProblem } from "./problem";

type Upgrader = (file: Record<string, unknown>) => Record<string, unknown>;

/** Step from each older version to the next; version 1 is the first. Version 2 only added what may be left out. */
const UPGRADERS: Readonly<Record<number, Upgrader>> = { 1: (file) => ({ ...file, formatVersion: 2 }) };

export const NEWEST_OUTING_FORMAT = Math.max(1, ...Object.keys(UPGRADERS).map((from) => Number(from) + 1));

type Upgraded = { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly problem: FileProblem };

/** Brings a file of any known version to the newest. */
export function upgradeOutingFile(value: unknown): Upgraded {
  if (typeof value !== "object" || value === null || Array.isArray(value)) return { ok: true, value };
  let file = value as Record<string, unknown>;
  const { formatVersion } = file;
  if (typeof formatVersion === "number" && formatVersion > NEWEST_OUTING_FORMAT) {
    const reason = m.isNewerThanThisProgramKnows({ formatVersion, backupFormatVersion: NEWEST_OUTING_FORMAT });
    return { ok: false, problem: { path: "formatVersion", reason } };
  }
  for (;;) {
    const upgrade = typeof file.formatVersion === "number" ? UPGRADERS[file.formatVersion] : undefined;
    if (!upgrade) break;
    file = upgrade(file);
  }
  return { ok: true, value: file };
}
