import type { APIRoute } from "astro";
import { kitViewSchema, newPiecesSchema } from "@/formats/wire/kit/kit-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { addPieces, kitOfPerson } from "@/server/kit/kit";

export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, newPiecesSchema);
    return json(await addPieces(database(), currentOwnerId(), params.id ?? "", wanted), 201);
  });

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(kitViewSchema.parse(await kitOfPerson(database(), currentOwnerId(), params.id ?? ""))));

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
