import type { APIRoute } from "astro";
import { savedSchema } from "@/formats/wire/answers";
import { savedPieceSchema } from "@/formats/wire/kit/kit-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { savePiece } from "@/server/kit/kit";

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, savedPieceSchema);
    return json(savedSchema.parse(await savePiece(database(), currentOwnerId(), params.id ?? "", wanted)));
  });

export const ALL: APIRoute = () => methodNotAllowed("PUT");
