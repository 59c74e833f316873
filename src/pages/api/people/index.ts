import type { APIRoute } from "astro";
import { newPersonSchema, peopleSchema } from "@/formats/wire/people/person-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { addPerson, peopleOf } from "@/server/people/people";

export const GET: APIRoute = () =>
  answer(async () => json(peopleSchema.parse(await peopleOf(database(), currentOwnerId()))));

export const POST: APIRoute = ({ request }) =>
  answer(async () =>
    json(await addPerson(database(), currentOwnerId(), await readJson(request, newPersonSchema)), 201),
  );

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
