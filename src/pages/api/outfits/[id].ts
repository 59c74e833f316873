import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { removeOutfit } from "@/server/kit/outfits";

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(await removeOutfit(database(), currentOwnerId(), params.id ?? "")));

export const ALL: APIRoute = () => methodNotAllowed("DELETE");
