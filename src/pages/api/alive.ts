import type { APIRoute } from "astro";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { json } from "@/server/http/respond";

/** Whether this process answers at all, whatever the database does: one that does not is to be started again. */
export const GET: APIRoute = () => json({ ok: true });

export const ALL: APIRoute = () => methodNotAllowed("GET");
