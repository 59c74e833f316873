import type { APIRoute } from "astro";
import { madeSchema } from "@/formats/wire/answers";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { jpegResponse, readJpeg } from "@/server/http/jpeg";
import { notePhoto, saveNotePhoto } from "@/server/logbook/photo";

export const GET: APIRoute = ({ params }) =>
  answer(async () => jpegResponse(await notePhoto(database(), currentOwnerId(), params.id ?? "")));

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const jpeg = await readJpeg(request);
    return json(madeSchema.parse(await saveNotePhoto(database(), currentOwnerId(), params.id ?? "", jpeg)));
  });

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(madeSchema.parse(await saveNotePhoto(database(), currentOwnerId(), params.id ?? "", null))));

export const ALL: APIRoute = () => methodNotAllowed("GET, PUT, DELETE");
