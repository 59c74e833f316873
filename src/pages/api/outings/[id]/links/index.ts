import type { APIRoute } from "astro";
import { newLinkSchema } from "@/formats/wire/links-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { linksOf, makeLink } from "@/server/links/links";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await linksOf(database(), currentOwnerId(), params.id ?? "")));

export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const wanted = await readJson(request, newLinkSchema);
    return json(await makeLink(database(), currentOwnerId(), params.id ?? "", wanted), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
