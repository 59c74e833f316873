import type { APIRoute } from "astro";
import { leaveSchema } from "@/formats/wire/account-schema";
import { leave } from "@/server/accounts/accounts";
import { accountEndpoint, FORGET_ALL } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const DELETE = accountEndpoint(leaveSchema, (asking, { password }) => leave(asking, password), FORGET_ALL);

export const ALL: APIRoute = () => methodNotAllowed("DELETE");
