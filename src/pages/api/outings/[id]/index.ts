import type { APIRoute } from "astro";
import { madeSchema, outingViewSchema, savedSchema } from "@/formats/wire/answers";
import { saveOutingSchema } from "@/formats/wire/outing/outing-schema";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { openWithFigures, removeOuting, saveOuting } from "@/server/outings/outings";

export const GET: APIRoute = ({ params }) =>
  answer(async () => {
    const { view } = await openWithFigures(database(), LOCAL_OWNER_ID, params.id ?? "");
    return json(outingViewSchema.parse(view));
  });

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, saveOutingSchema);
    return json(savedSchema.parse(await saveOuting(database(), LOCAL_OWNER_ID, params.id ?? "", wanted)));
  });

/** Takes it off the list; it can be restored. */
export const DELETE: APIRoute = ({ params }) =>
  answer(async () =>
    json(madeSchema.parse(await removeOuting(database(), LOCAL_OWNER_ID, params.id ?? "", new Date()))),
  );

export const ALL: APIRoute = () => methodNotAllowed("GET, PUT, DELETE");
