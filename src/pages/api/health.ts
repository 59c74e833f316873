import type { APIRoute } from "astro";
import { healthSchema } from "@/formats/wire/answers";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { answer, json } from "@/server/http/respond";
import { health } from "@/server/outings/health";

export const GET: APIRoute = () =>
  answer(async () => json(healthSchema.parse(await health(database(), currentOwnerId()))));
