import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { exportOuting } from "@/server/backup/backup";
import { database } from "@/server/composition";
import { download } from "@/server/http/download";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer } from "@/server/http/respond";

export const GET: APIRoute = ({ params }) =>
  answer(async () => {
    const file = await exportOuting(database(), currentOwnerId(), params.id ?? "", new Date());
    return download(JSON.stringify(file, null, 1), `${file.outings[0]?.name ?? "outing"}.json`, "application/json");
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
