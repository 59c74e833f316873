import type { APIRoute } from "astro";
import { shareTokenSchema } from "@/formats/wire/shares-schema";
import { signedIn } from "@/server/accounts/signed-in-account";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { acceptInvitation } from "@/server/shares/shares";

export const POST: APIRoute = ({ request, locals }) =>
  answer(async () => {
    const { token } = await readJson(request, shareTokenSchema);
    return json(await acceptInvitation(database(), signedIn(locals).name, token));
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
