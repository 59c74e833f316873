import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { endShare } from "@/server/shares/shares";

/** Called back by its owner, or given up by whoever it is with. */
export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(madeSchema.parse(await endShare(database(), currentOwnerId(), params.id ?? ""))));

export const ALL: APIRoute = () => methodNotAllowed("DELETE");
