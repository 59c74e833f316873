import type { APIRoute } from "astro";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { answer, json } from "@/server/http/respond";
import { health } from "@/server/outings/health";

export const GET: APIRoute = () => answer(async () => json(await health(database(), LOCAL_OWNER_ID)));
