import type { APIRoute } from "astro";
import { restoredSchema } from "@/formats/wire/answers";
import { currentOwnerId } from "@/server/access";
import { backupStream } from "@/server/backup/backup";
import { restoreFile } from "@/server/backup/restore-file";
import { database } from "@/server/composition";
import { download } from "@/server/http/download";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJsonBytes } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";

/** Largest backup read, bytes: some hundred photos and years of outings. */
const MOST_BACKUP_BYTES = 100_000_000;

export const GET: APIRoute = () =>
  answer(() => {
    const madeAt = new Date();
    const text = backupStream(database(), currentOwnerId(), madeAt);
    return Promise.resolve(download(text, `umiak ${madeAt.toISOString().slice(0, 10)}.json`, "application/json"));
  });

/** The schema of the format is applied by the use case, which names what is wrong with the file. */
export const POST: APIRoute = ({ request }) =>
  answer(async () => {
    const bytes = await readJsonBytes(request, MOST_BACKUP_BYTES);
    return json(restoredSchema.parse(await restoreFile(database(), currentOwnerId(), bytes)), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
