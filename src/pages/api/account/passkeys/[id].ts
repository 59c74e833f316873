import type { APIRoute } from "astro";
import { forgetPasskey } from "@/server/accounts/passkeys";
import { askingOf, refuseAtHome } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";

export const DELETE: APIRoute = (context) =>
  answer(async () => {
    refuseAtHome();
    await forgetPasskey(askingOf(context), context.params.id ?? "");
    return json({ ok: true });
  });

export const ALL: APIRoute = () => methodNotAllowed("DELETE");
