import type { APIRoute } from "astro";
import { madeSchema, savedSchema } from "@/formats/wire/answers";
import { savedTripSchema } from "@/formats/wire/trips/trip-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { openTrip, removeTrip, saveTrip } from "@/server/trips/trips";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await openTrip(database(), currentOwnerId(), params.id ?? "")));

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const saved = await readJson(request, savedTripSchema);
    return json(savedSchema.parse(await saveTrip(database(), currentOwnerId(), params.id ?? "", saved)));
  });

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(madeSchema.parse(await removeTrip(database(), currentOwnerId(), params.id ?? ""))));

export const ALL: APIRoute = () => methodNotAllowed("GET, PUT, DELETE");
