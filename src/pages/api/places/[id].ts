import type { APIRoute } from "astro";
import { savedSchema } from "@/formats/wire/answers";
import { savedPlaceSchema } from "@/formats/wire/places/place-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { savePlace } from "@/server/places/places";

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, savedPlaceSchema);
    return json(savedSchema.parse(await savePlace(database(), currentOwnerId(), params.id ?? "", wanted)));
  });

export const ALL: APIRoute = () => methodNotAllowed("PUT");
