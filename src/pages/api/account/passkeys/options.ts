import type { APIRoute } from "astro";
import { nothingSchema } from "@/formats/wire/account-schema";
import { newPasskeyOptions } from "@/server/accounts/passkeys";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(nothingSchema, (asking) => newPasskeyOptions(asking));

export const ALL: APIRoute = () => methodNotAllowed("POST");
