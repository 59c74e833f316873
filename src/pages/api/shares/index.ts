import type { APIRoute } from "astro";
import { newShareSchema, sharedThingSchema } from "@/formats/wire/shares-schema";
import { currentOwnerId } from "@/server/access";
import { signedIn } from "@/server/accounts/signed-in-account";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { readQuery } from "@/server/http/read-query";
import { answer, json } from "@/server/http/respond";
import { makeShare, sharesOf } from "@/server/shares/shares";

export const GET: APIRoute = ({ url }) =>
  answer(async () => {
    const { kind, item } = sharedThingSchema.shape;
    const thing = { kind: readQuery(url, "kind", kind), item: readQuery(url, "item", item) };
    return json(await sharesOf(database(), currentOwnerId(), thing));
  });

export const POST: APIRoute = ({ request, locals }) =>
  answer(async () => {
    const wanted = await readJson(request, newShareSchema);
    return json(await makeShare(database(), signedIn(locals), wanted), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
