import type { APIRoute } from "astro";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { photoResponse, readJpeg, removePhoto, savePhoto } from "@/server/kit/photo";

export const GET: APIRoute = ({ params }) => answer(() => photoResponse(database(), LOCAL_OWNER_ID, params.id ?? ""));

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => json(await savePhoto(database(), LOCAL_OWNER_ID, params.id ?? "", await readJpeg(request))));

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(await removePhoto(database(), LOCAL_OWNER_ID, params.id ?? "")));

export const ALL: APIRoute = () => methodNotAllowed("GET, PUT, DELETE");
