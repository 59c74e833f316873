import type { APIRoute } from "astro";
import { nothingSchema } from "@/formats/wire/account-schema";
import { signOut } from "@/server/accounts/accounts";
import { accountEndpoint, FORGET_ALL } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(nothingSchema, signOut, FORGET_ALL);

export const ALL: APIRoute = () => methodNotAllowed("POST");
