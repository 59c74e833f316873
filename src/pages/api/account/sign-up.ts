import type { APIRoute } from "astro";
import { signUpSchema } from "@/formats/wire/account-schema";
import { signUp } from "@/server/accounts/accounts";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(signUpSchema, (asking, body) => signUp(asking, body));

export const ALL: APIRoute = () => methodNotAllowed("POST");
