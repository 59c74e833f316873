import type { APIRoute } from "astro";
import { broughtInSchema, pastSitsSchema } from "@/formats/wire/logbook/past-sits-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { bringIn } from "@/server/logbook/bring-in";

/** Sits of the past, each with its note. */
export const POST: APIRoute = ({ request }) =>
  answer(async () => {
    const wanted = await readJson(request, pastSitsSchema);
    return json(broughtInSchema.parse(await bringIn(database(), currentOwnerId(), wanted)), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
