import * as m from "@/messages";
import { z } from "zod";
import { problemsOf } from "../outing-file/parse";
import type { FileProblem } from "../outing-file/problem";
import { BACKUP_FORMAT, BACKUP_FORMAT_VERSION, backupSchema, type Backup } from "./backup-schema";
import { upgradeBackup } from "./upgrade";

export type ParsedBackup =
  { readonly ok: true; readonly backup: Backup } | { readonly ok: false; readonly problems: readonly FileProblem[] };

const refuse = (path: string, reason: string): ParsedBackup => ({ ok: false, problems: [{ path, reason }] });

/** Reads a value as a backup or an outing's file. */
export function parseBackup(value: unknown): ParsedBackup {
  const { format, formatVersion } = (value ?? {}) as { format?: unknown; formatVersion?: unknown };
  if (format !== BACKUP_FORMAT) {
    return refuse("format", m.isNotTakeAFileThat({ backupFormat: BACKUP_FORMAT }));
  }
  if (typeof formatVersion === "number" && formatVersion > BACKUP_FORMAT_VERSION) {
    return refuse(
      "formatVersion",
      m.isNewerThanThisProgramKnows({ formatVersion, backupFormatVersion: BACKUP_FORMAT_VERSION }),
    );
  }
  const parsed = backupSchema.safeParse(upgradeBackup(value));
  return parsed.success ? { ok: true, backup: parsed.data } : { ok: false, problems: problemsOf(parsed.error) };
}

/** JSON Schema of the newest version, for other programs. */
export const backupJsonSchema = (): object => ({
  title: m.umiakBackupFormatVersion({ backupFormatVersion: BACKUP_FORMAT_VERSION }),
  ...z.toJSONSchema(backupSchema, { io: "input" }),
});
