import type { APIRoute } from "astro";
import { savedSchema } from "@/formats/wire/answers";
import { versionSchema } from "@/formats/wire/kit/kit-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readQuery } from "@/server/http/read-query";
import { answer, json } from "@/server/http/respond";
import { jpegResponse, readJpeg } from "@/server/http/jpeg";
import { photoOf, savePhoto } from "@/server/kit/photo";

export const GET: APIRoute = ({ params }) =>
  answer(async () => jpegResponse(await photoOf(database(), currentOwnerId(), params.id ?? "")));

/** The piece's version, as the page saw it. */
const versionOf = (url: URL): number => readQuery(url, "version", versionSchema);

export const PUT: APIRoute = ({ params, request, url }) =>
  answer(async () => {
    const version = versionOf(url);
    const jpeg = await readJpeg(request);
    return json(savedSchema.parse(await savePhoto(database(), currentOwnerId(), params.id ?? "", version, jpeg)));
  });

export const DELETE: APIRoute = ({ params, url }) =>
  answer(async () =>
    json(savedSchema.parse(await savePhoto(database(), currentOwnerId(), params.id ?? "", versionOf(url), null))),
  );

export const ALL: APIRoute = () => methodNotAllowed("GET, PUT, DELETE");
