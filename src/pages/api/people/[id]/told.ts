import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { toldSitsOf } from "@/server/logbook/told-sits";

/** The latest sits a person told of, to be learnt from. */
export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await toldSitsOf(database(), currentOwnerId(), params.id ?? "")));

export const ALL: APIRoute = () => methodNotAllowed("GET");
