import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { callLinkBack } from "@/server/links/links";

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => {
    const gone = await callLinkBack(database(), currentOwnerId(), params.id ?? "", params.link ?? "");
    return json(madeSchema.parse(gone));
  });

export const ALL: APIRoute = () => methodNotAllowed("DELETE");
