import type { APIRoute } from "astro";
import { findableSchema } from "@/formats/wire/findable";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { findableOf } from "@/server/search/findable";

export const GET: APIRoute = () =>
  answer(async () => json(findableSchema.parse(await findableOf(database(), LOCAL_OWNER_ID))));

export const ALL: APIRoute = () => methodNotAllowed("GET");
