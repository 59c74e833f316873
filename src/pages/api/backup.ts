import type { APIRoute } from "astro";
import { z } from "zod";
import { restoredSchema } from "@/formats/wire/answers";
import { LOCAL_OWNER_ID } from "@/server/access";
import { backupOf } from "@/server/backup/backup";
import { restoreBackup } from "@/server/backup/restore";
import { database } from "@/server/composition";
import { download } from "@/server/http/download";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";

/** Largest backup read, bytes: some hundred photos and years of outings. */
const MOST_BACKUP_BYTES = 100_000_000;

export const GET: APIRoute = () =>
  answer(async () => {
    const madeAt = new Date();
    const backup = await backupOf(database(), LOCAL_OWNER_ID, madeAt);
    return download(JSON.stringify(backup), `umiak ${madeAt.toISOString().slice(0, 10)}.json`, "application/json");
  });

/** The schema of the format is applied by the use case, which names what is wrong with the file. */
export const POST: APIRoute = ({ request }) =>
  answer(async () => {
    const value = await readJson(request, z.json(), MOST_BACKUP_BYTES);
    return json(restoredSchema.parse(await restoreBackup(database(), LOCAL_OWNER_ID, value)), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
