import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { addDemo } from "@/server/demo/seed";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";

export const POST: APIRoute = () =>
  answer(async () => {
    await addDemo(database(), currentOwnerId());
    return json({ ok: true }, 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
