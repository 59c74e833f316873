import type { APIRoute } from "astro";
import { forgottenSchema } from "@/formats/wire/account-schema";
import { askForReset } from "@/server/accounts/accounts";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(forgottenSchema, (asking, body) => askForReset(asking, body.email));

export const ALL: APIRoute = () => methodNotAllowed("POST");
