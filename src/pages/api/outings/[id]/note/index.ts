import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { feltSchema } from "@/formats/wire/logbook/felt-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { forgetFelt, noteOf, tellFelt } from "@/server/logbook/logbook";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await noteOf(database(), currentOwnerId(), params.id ?? "")));

/** What was felt; told again, it takes the place of what was told before. */
export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const felt = await readJson(request, feltSchema);
    return json(madeSchema.parse(await tellFelt(database(), currentOwnerId(), params.id ?? "", felt)));
  });

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(madeSchema.parse(await forgetFelt(database(), currentOwnerId(), params.id ?? ""))));

export const ALL: APIRoute = () => methodNotAllowed("GET, PUT, DELETE");
