import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { newTripSchema } from "@/formats/wire/trips/trip-schema";
import { currentOwnerId } from "@/server/access";
import { database, forecasts } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { makeTrip, tripLines } from "@/server/trips/trips";

export const GET: APIRoute = () => answer(async () => json(await tripLines(database(), currentOwnerId())));

export const POST: APIRoute = ({ request }) =>
  answer(async () => {
    const wanted = await readJson(request, newTripSchema);
    return json(madeSchema.parse(await makeTrip(database(), forecasts(), currentOwnerId(), wanted)), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
