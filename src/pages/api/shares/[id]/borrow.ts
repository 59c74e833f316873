import type { APIRoute } from "astro";
import { borrowSchema } from "@/formats/wire/shares-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { borrowPieces } from "@/server/shares/along";

export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, borrowSchema);
    return json(await borrowPieces(database(), currentOwnerId(), params.id ?? "", wanted), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
