import { createHmac } from "node:crypto";
import { databaseUrl } from "../composition";

// How a shared server is set up, by its environment; every process of every machine is given the same.

const USUAL_PORT = "4321";

/** Where people reach the server, as https://umiak.example; it stands behind something that does TLS. */
export const publicAddress = (): string =>
  process.env.UMIAK_ADDRESS ?? `http://127.0.0.1:${process.env.PORT ?? USUAL_PORT}`;

/** Whether an account is made with an invitation only. */
export const needsInvitation = (): boolean => process.env.UMIAK_INVITATION_ONLY === "1";

/** Whether a trusted proxy stands before it, whose `x-forwarded-for` tells who asks. */
export const isBehindProxy = (): boolean => process.env.UMIAK_PROXY === "1";

/** What signs cookies: said, or made of the database's password, so that every process has the same. */
export function sessionSecret(): string {
  const said = process.env.UMIAK_SECRET;
  if (said) return said;
  return createHmac("sha256", new URL(databaseUrl()).password).update("umiak sessions").digest("hex");
}

/** Whether mails that were written instead of sent may be read on a page: to try it out, never in public. */
export const showsMails = (): boolean => process.env.UMIAK_SHOW_MAILS === "1";
