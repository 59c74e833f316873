import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { removeOuting } from "@/server/outings/outings";

/** Has a removed outing back. */
export const POST: APIRoute = ({ params }) =>
  answer(async () => json(madeSchema.parse(await removeOuting(database(), currentOwnerId(), params.id ?? "", null))));

export const ALL: APIRoute = () => methodNotAllowed("POST");
