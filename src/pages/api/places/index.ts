import type { APIRoute } from "astro";
import { newPlaceSchema, placesSchema } from "@/formats/wire/places/place-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { addPlace, placesOf } from "@/server/places/places";

export const GET: APIRoute = () =>
  answer(async () => json(placesSchema.parse(await placesOf(database(), currentOwnerId()))));

export const POST: APIRoute = ({ request }) =>
  answer(async () => json(await addPlace(database(), currentOwnerId(), await readJson(request, newPlaceSchema)), 201));

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
