import type { APIRoute } from "astro";
import { heldToChangeSchema } from "@/formats/wire/kit/held-to-schema";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { saveHeldTo } from "@/server/people/held-to";

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const change = await readJson(request, heldToChangeSchema);
    return json(await saveHeldTo(database(), LOCAL_OWNER_ID, params.id ?? "", change));
  });

export const ALL: APIRoute = () => methodNotAllowed("PUT");
