import type { APIRoute } from "astro";
import { headChangedSchema, outingHeadSchema } from "@/formats/wire/outing/head-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { changeOutingHead } from "@/server/outings/change-head";

/** Another name, day, place or sitter. */
export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, outingHeadSchema);
    return json(headChangedSchema.parse(await changeOutingHead(database(), currentOwnerId(), params.id ?? "", wanted)));
  });

export const ALL: APIRoute = () => methodNotAllowed("PUT");
