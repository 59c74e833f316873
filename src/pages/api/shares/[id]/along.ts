import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { goAlongSchema } from "@/formats/wire/shares-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { goAlongWith } from "@/server/shares/along";

export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, goAlongSchema);
    return json(madeSchema.parse(await goAlongWith(database(), currentOwnerId(), params.id ?? "", wanted)), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
