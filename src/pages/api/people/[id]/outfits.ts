import type { APIRoute } from "astro";
import { newOutfitSchema, outfitsSchema } from "@/formats/wire/kit/outfit-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { outfitsOf, saveOutfit } from "@/server/kit/outfits";

export const GET: APIRoute = ({ params, request }) =>
  answer(async () => {
    const before = new URL(request.url).searchParams.get("before");
    return json(outfitsSchema.parse(await outfitsOf(database(), currentOwnerId(), params.id ?? "", before)));
  });

export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const outfit = await readJson(request, newOutfitSchema);
    return json(await saveOutfit(database(), currentOwnerId(), params.id ?? "", outfit), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
