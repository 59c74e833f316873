import type { APIRoute } from "astro";
import { madeSchema, outingViewSchema, savedSchema } from "@/formats/wire/answers";
import { saveOutingSchema } from "@/formats/wire/outing/outing-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { openWithFigures, removeOuting, saveOuting } from "@/server/outings/outings";

export const GET: APIRoute = ({ params }) =>
  answer(async () => {
    const { view } = await openWithFigures(database(), currentOwnerId(), params.id ?? "");
    return json(outingViewSchema.parse(view));
  });

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, saveOutingSchema);
    return json(savedSchema.parse(await saveOuting(database(), currentOwnerId(), params.id ?? "", wanted)));
  });

/** Takes it off the list; it can be restored. */
export const DELETE: APIRoute = ({ params }) =>
  answer(async () =>
    json(madeSchema.parse(await removeOuting(database(), currentOwnerId(), params.id ?? "", new Date()))),
  );

export const ALL: APIRoute = () => methodNotAllowed("GET, PUT, DELETE");
