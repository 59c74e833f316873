import type { APIRoute } from "astro";
import { resetSchema } from "@/formats/wire/account-schema";
import { resetPassword } from "@/server/accounts/accounts";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(resetSchema, (asking, body) => resetPassword(asking, body.token, body.password));

export const ALL: APIRoute = () => methodNotAllowed("POST");
