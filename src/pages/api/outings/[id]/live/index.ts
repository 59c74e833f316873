import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { liveBeginSchema, liveChangeSchema } from "@/formats/wire/live/live-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { beginSit, changeSit, liveOf } from "@/server/live/live";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await liveOf(database(), currentOwnerId(), params.id ?? "")));

/** Begins the sit; the answer tells once what loggers send with. */
export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const { beganAt } = await readJson(request, liveBeginSchema);
    return json(await beginSit(database(), currentOwnerId(), params.id ?? "", beganAt), 201);
  });

/** What was said since, and that it is over. */
export const PATCH: APIRoute = ({ params, request }) =>
  answer(async () => {
    const id = params.id ?? "";
    await changeSit(database(), currentOwnerId(), id, await readJson(request, liveChangeSchema));
    return json(madeSchema.parse({ id }));
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST, PATCH");
