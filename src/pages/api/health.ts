import type { APIRoute } from "astro";
import { healthSchema } from "@/formats/wire/answers";
import { currentOwnerId, isShared } from "@/server/access";
import { accountsDatabase, database } from "@/server/composition";
import { answer, json } from "@/server/http/respond";
import { health } from "@/server/outings/health";

export const GET: APIRoute = () =>
  answer(async () => {
    const found = isShared() ? health(accountsDatabase(), null) : health(database(), currentOwnerId());
    return json(healthSchema.parse(await found));
  });
