import type { APIRoute } from "astro";
import { savedSchema } from "@/formats/wire/answers";
import { savedPersonSchema } from "@/formats/wire/people/person-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { savePerson } from "@/server/people/people";

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, savedPersonSchema);
    return json(savedSchema.parse(await savePerson(database(), currentOwnerId(), params.id ?? "", wanted)));
  });

export const ALL: APIRoute = () => methodNotAllowed("PUT");
