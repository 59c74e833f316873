import type { APIRoute } from "astro";
import { findableSchema } from "@/formats/wire/findable";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { findableOf } from "@/server/search/findable";

export const GET: APIRoute = () =>
  answer(async () => json(findableSchema.parse(await findableOf(database(), currentOwnerId()))));

export const ALL: APIRoute = () => methodNotAllowed("GET");
