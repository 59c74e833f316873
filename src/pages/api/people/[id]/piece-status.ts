import type { APIRoute } from "astro";
import { pieceStatusSchema } from "@/formats/wire/kit/kit-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { changeStatus } from "@/server/kit/kit";

export const POST: APIRoute = ({ params, request }) =>
  answer(async () =>
    json(await changeStatus(database(), currentOwnerId(), params.id ?? "", await readJson(request, pieceStatusSchema))),
  );

export const ALL: APIRoute = () => methodNotAllowed("POST");
