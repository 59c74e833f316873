import type { APIRoute } from "astro";
import { madeSchema, outingLinesSchema } from "@/formats/wire/answers";
import { newOutingSchema } from "@/formats/wire/outing/new-outing-schema";
import { currentOwnerId } from "@/server/access";
import { database, forecasts } from "@/server/composition";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { makeOuting } from "@/server/outings/make-outing";
import { outingLines } from "@/server/outings/outings";

export const GET: APIRoute = () =>
  answer(async () => json(outingLinesSchema.parse(await outingLines(database(), currentOwnerId()))));

export const POST: APIRoute = ({ request }) =>
  answer(async () => {
    const wanted = await readJson(request, newOutingSchema);
    return json(madeSchema.parse(await makeOuting(database(), forecasts(), currentOwnerId(), wanted)), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
