import { randomBytes } from "node:crypto";
import * as m from "@/messages";
import {
  addFailedTry,
  addInvitation,
  countFailedTries,
  forgetFailedTries,
  giveInvitationBack,
  takeInvitation,
} from "@/db";
import type { SignUp } from "@/formats/wire/account-schema";
import { AppError } from "../app-error";
import { hashOf } from "../hash-of";
import { log } from "../log";
import { accountsDatabase } from "../composition";
import { accountsLibrary, CLIENT_HEADER, LIBRARY_PATH } from "./library";
import { needsInvitation, publicAddress } from "./settings";

// What people do with their account. The library answers with headers that set and clear cookies: they are passed on.

/** Who asks: their cookies, and where from. */
export type Asking = { readonly request: Request; readonly clientAddress: string };

/** An account is let alone after so many sign-ins that failed within a span, until that is over (assumptions). */
const MOST_FAILED_TRIES = 10;
const FAILED_TRIES_SPAN_MS = 15 * 60_000;

/** What the library's refusals mean, by its codes. */
const REFUSALS: Readonly<Record<string, () => AppError>> = {
  INVALID_EMAIL_OR_PASSWORD: () => new AppError("wrong-password", m.wrongAddressOrPassword),
  INVALID_PASSWORD: () => new AppError("wrong-password", m.wrongPassword),
  USER_ALREADY_EXISTS: () => new AppError("bad-input", m.addressHasAccount),
  USER_ALREADY_EXISTS_USE_ANOTHER_EMAIL: () => new AppError("bad-input", m.addressHasAccount),
  SESSION_NOT_FRESH: () => new AppError("not-signed-in", m.signInAgain),
  CHALLENGE_NOT_FOUND: () => new AppError("bad-input", m.passkeyNotDone),
  PASSKEY_NOT_FOUND: () => new AppError("wrong-password", m.passkeyNotKnown),
  AUTHENTICATION_FAILED: () => new AppError("wrong-password", m.passkeyNotKnown),
  FAILED_TO_VERIFY_REGISTRATION: () => new AppError("bad-input", m.passkeyNotDone),
  INVALID_TOKEN: () => new AppError("bad-input", m.resetLinkIsOld),
};

/** What the library answers: cookies in its headers. */
type Answered = { readonly headers: Headers; readonly body: unknown };

/** Asks the library; without a body it is only read. @throws {AppError} `wrong-password`, `bad-input`, `too-many-tries`, `not-signed-in` */
export async function answered({ request, clientAddress }: Asking, path: string, body?: object): Promise<Answered> {
  const headers = new Headers({
    "content-type": "application/json",
    origin: new URL(publicAddress()).origin,
    [CLIENT_HEADER]: clientAddress,
  });
  for (const name of ["cookie", "user-agent"]) {
    const own = request.headers.get(name);
    if (own) headers.set(name, own);
  }
  const url = new URL(`${LIBRARY_PATH}${path}`, publicAddress());
  const response = await accountsLibrary().handler(
    new Request(url, { method: body ? "POST" : "GET", headers, ...(body && { body: JSON.stringify(body) }) }),
  );
  const told = (await response.json().catch(() => ({}))) as { code?: string };
  if (response.ok) return { headers: response.headers, body: told };
  if (response.status === 429) throw new AppError("too-many-tries", m.tooManyTries);
  const { code = "" } = told;
  const refusal = REFUSALS[code];
  if (refusal) throw refusal();
  if (response.status === 401) throw new AppError("not-signed-in", m.signInFirst);
  throw new Error(`the account library answered ${response.status} ${code}`);
}

const asked = async (asking: Asking, path: string, body: object): Promise<Headers> =>
  (await answered(asking, path, body)).headers;

/** Cookies of the library's answer, to be passed on. */
export function cookiesOf(from: Headers): Headers {
  const headers = new Headers();
  for (const cookie of from.getSetCookie()) headers.append("set-cookie", cookie);
  return headers;
}

/** @throws {AppError} `wrong-password`, `too-many-tries` */
export async function signIn(
  asking: Asking,
  { email, password }: { email: string; password: string },
): Promise<Headers> {
  const [database, emailHash] = [accountsDatabase(), hashOf(email)];
  const since = new Date(Date.now() - FAILED_TRIES_SPAN_MS);
  if ((await countFailedTries(database, emailHash, since)) >= MOST_FAILED_TRIES)
    throw new AppError("too-many-tries", m.tooManyTries);
  try {
    const headers = await asked(asking, "/sign-in/email", { email, password });
    await forgetFailedTries(database, emailHash);
    return headers;
  } catch (error) {
    if (error instanceof AppError && error.code === "wrong-password") await addFailedTry(database, emailHash, since);
    log.warn({ code: error instanceof AppError ? error.code : "internal" }, "a sign-in was refused");
    throw error;
  }
}

/** Makes an account and signs in. @throws {AppError} `bad-input`, `too-many-tries` */
export async function signUp(asking: Asking, { name, email, password, invitation = "" }: SignUp): Promise<Headers> {
  const codeHash = hashOf(invitation.trim());
  if (needsInvitation() && !(await takeInvitation(accountsDatabase(), codeHash)))
    throw new AppError("bad-input", m.invitationNeeded);
  try {
    return await asked(asking, "/sign-up/email", { name, email, password });
  } catch (error) {
    if (needsInvitation()) await giveInvitationBack(accountsDatabase(), codeHash);
    throw error;
  }
}

export const signOut = (asking: Asking): Promise<Headers> => asked(asking, "/sign-out", {});

/** Ends every session of the account, this one too. */
export async function signOutEverywhere(asking: Asking): Promise<Headers> {
  await asked(asking, "/revoke-other-sessions", {});
  return signOut(asking);
}

/** Mails a link to whom the address belongs; says nothing of whether that is anybody. @throws {AppError} `too-many-tries` */
export const askForReset = (asking: Asking, email: string): Promise<Headers> =>
  asked(asking, "/request-password-reset", { email });

/** @throws {AppError} `bad-input` where the link is too old or used, `too-many-tries` */
export const resetPassword = (asking: Asking, token: string, newPassword: string): Promise<Headers> =>
  asked(asking, "/reset-password", { token, newPassword });

/** Changes the password and ends every other session. @throws {AppError} `wrong-password`, `too-many-tries` */
export const changePassword = (asking: Asking, currentPassword: string, newPassword: string): Promise<Headers> =>
  asked(asking, "/change-password", { currentPassword, newPassword, revokeOtherSessions: true });

/** Deletes the account with everything of it. @throws {AppError} `wrong-password`, `too-many-tries` */
export const leave = (asking: Asking, password: string): Promise<Headers> =>
  asked(asking, "/delete-user", { password });

/** Who is signed in. */
export type Account = { readonly id: string; readonly name: string; readonly email: string };

/** Whose session a request's cookies are; `null`: nobody's. */
export async function accountOf(request: Request): Promise<Account | null> {
  if (!request.headers.has("cookie")) return null;
  const found = await accountsLibrary().api.getSession({ headers: request.headers });
  return found ? { id: found.user.id, name: found.user.name, email: found.user.email } : null;
}

const CODE_BYTES = 12;
const INVITATION_DAYS = 30;
const MS_PER_DAY = 86_400_000;

/** A new invitation code, told once. @param uses how many accounts it makes */
export async function invite(database = accountsDatabase(), uses = 1): Promise<string> {
  const code = randomBytes(CODE_BYTES).toString("base64url");
  await addInvitation(database, hashOf(code), uses, new Date(Date.now() + INVITATION_DAYS * MS_PER_DAY));
  return code;
}
