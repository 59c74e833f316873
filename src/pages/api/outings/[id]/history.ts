import type { APIRoute } from "astro";
import { historySchema } from "@/formats/wire/answers";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { outingHistory } from "@/server/outings/outings";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(historySchema.parse(await outingHistory(database(), currentOwnerId(), params.id ?? ""))));

export const ALL: APIRoute = () => methodNotAllowed("GET");
