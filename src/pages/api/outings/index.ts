import type { APIRoute } from "astro";
import { outingLinesSchema } from "@/formats/wire/answers";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { answer, json } from "@/server/http/respond";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { outingLines } from "@/server/outings/outings";

export const GET: APIRoute = () =>
  answer(async () => json(outingLinesSchema.parse(await outingLines(database(), LOCAL_OWNER_ID))));

export const ALL: APIRoute = () => methodNotAllowed("GET");
