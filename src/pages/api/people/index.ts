import type { APIRoute } from "astro";
import { newPersonSchema, peopleSchema } from "@/formats/wire/people/person-schema";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { addPerson, peopleOf } from "@/server/people/people";

export const GET: APIRoute = () =>
  answer(async () => json(peopleSchema.parse(await peopleOf(database(), LOCAL_OWNER_ID))));

export const POST: APIRoute = ({ request }) =>
  answer(async () => json(await addPerson(database(), LOCAL_OWNER_ID, await readJson(request, newPersonSchema)), 201));

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
