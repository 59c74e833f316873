import type { APIRoute } from "astro";
import { newPasskeySchema } from "@/formats/wire/account-schema";
import { keepPasskey, passkeysOf } from "@/server/accounts/passkeys";
import { accountEndpoint, askingOf, refuseAtHome } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";

export const GET: APIRoute = (context) =>
  answer(async () => {
    refuseAtHome();
    return json(await passkeysOf(askingOf(context)));
  });

export const POST = accountEndpoint(
  newPasskeySchema,
  async (asking, body) => (await keepPasskey(asking, body)).headers,
);

export const ALL: APIRoute = () => methodNotAllowed("GET, POST");
