import type { APIRoute } from "astro";
import { newPiecesSchema } from "@/formats/wire/new-outing-schema";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { addPieces } from "@/server/kit/add-pieces";

export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, newPiecesSchema);
    return json(await addPieces(database(), LOCAL_OWNER_ID, params.id ?? "", wanted), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
