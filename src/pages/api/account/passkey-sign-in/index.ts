import type { APIRoute } from "astro";
import { passkeySignInSchema } from "@/formats/wire/account-schema";
import { signInByPasskey } from "@/server/accounts/passkeys";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(
  passkeySignInSchema,
  async (asking, body) => (await signInByPasskey(asking, body)).headers,
);

export const ALL: APIRoute = () => methodNotAllowed("POST");
