import type { APIContext, APIRoute } from "astro";
import type { z } from "zod";
import * as m from "@/messages";
import { isShared } from "../access";
import { cookiesOf, type Asking } from "../accounts/accounts";
import { isBehindProxy } from "../accounts/settings";
import { AppError } from "../app-error";
import { readJson } from "./read-json";
import { answer, json } from "./respond";

const MOST_BYTES = 40_000;

/** Who asks: the last hop that a trusted proxy saw, else the other end of the connection. */
export function askingOf({ request, clientAddress }: Pick<APIContext, "request" | "clientAddress">): Asking {
  const forwarded = isBehindProxy() ? request.headers.get("x-forwarded-for")?.split(",").at(-1)?.trim() : undefined;
  return { request, clientAddress: forwarded ?? clientAddress };
}

/** @throws {AppError} `not-found` at home, where there are no accounts */
export function refuseAtHome(): void {
  if (!isShared()) throw new AppError("not-found", m.noAccountsAtHome);
}

type Answered = { readonly headers: Headers; readonly body: unknown };

/** An endpoint of accounts. @param work what it answers, or cookies alone @param headers what the answer carries besides */
export const accountEndpoint =
  <Schema extends z.ZodType>(
    schema: Schema,
    work: (asking: Asking, body: z.output<Schema>) => Promise<Headers | Answered>,
    headers: Readonly<Record<string, string>> = {},
  ): APIRoute =>
  (context) =>
    answer(async () => {
      refuseAtHome();
      const body = await readJson(context.request, schema, MOST_BYTES);
      const done = await work(askingOf(context), body);
      const [told, shown] = done instanceof Headers ? [done, { ok: true }] : [done.headers, done.body];
      const cookies = cookiesOf(told);
      const response = json(shown);
      for (const cookie of cookies.getSetCookie()) response.headers.append("set-cookie", cookie);
      for (const [name, value] of Object.entries(headers)) response.headers.set(name, value);
      return response;
    });

/** What a browser keeps of an account is forgotten with it: pages for a place without network among them. */
export const FORGET_ALL = { "clear-site-data": '"cache", "storage"' } as const;
