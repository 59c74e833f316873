import type { APIRoute } from "astro";
import { signInSchema } from "@/formats/wire/account-schema";
import { signIn } from "@/server/accounts/accounts";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(signInSchema, (asking, body) => signIn(asking, body));

export const ALL: APIRoute = () => methodNotAllowed("POST");
