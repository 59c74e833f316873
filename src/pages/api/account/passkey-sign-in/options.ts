import type { APIRoute } from "astro";
import { nothingSchema } from "@/formats/wire/account-schema";
import { signInOptions } from "@/server/accounts/passkeys";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(nothingSchema, (asking) => signInOptions(asking));

export const ALL: APIRoute = () => methodNotAllowed("POST");
