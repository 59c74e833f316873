import type { APIRoute } from "astro";
import { changedPasswordSchema } from "@/formats/wire/account-schema";
import { changePassword } from "@/server/accounts/accounts";
import { accountEndpoint } from "@/server/http/account-endpoint";
import { methodNotAllowed } from "@/server/http/method-not-allowed";

export const POST = accountEndpoint(changedPasswordSchema, (asking, body) =>
  changePassword(asking, body.password, body.newPassword),
);

export const ALL: APIRoute = () => methodNotAllowed("POST");
