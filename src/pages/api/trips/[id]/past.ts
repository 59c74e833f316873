import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { pastOfTrip } from "@/server/trips/trips";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await pastOfTrip(database(), currentOwnerId(), params.id ?? "")));

export const ALL: APIRoute = () => methodNotAllowed("GET");
