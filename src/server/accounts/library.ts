import { passkey } from "@better-auth/passkey";
import { betterAuth } from "better-auth";
import { drizzleAdapter } from "better-auth/adapters/drizzle";
import { v7 as uuid } from "uuid";
import * as m from "@/messages";
import * as tables from "@/db/account-schema";
import { addOwner, deleteOwner, inTransaction } from "@/db";
import { ACCOUNT_RANGE } from "@/formats/wire/account-schema";
import { accountsDatabase, databaseFor, mails } from "../composition";
import { publicAddress, sessionSecret } from "./settings";

// The library that keeps passwords and sessions. Nothing else of the program knows it; its own paths are not routed.

/** Who asks, told by our own server: whatever a request says of itself is overwritten. */
export const CLIENT_HEADER = "x-umiak-client";
export const LIBRARY_PATH = "/library";

const SESSION_S = 30 * 24 * 3600;
const SESSION_RENEWED_AFTER_S = 24 * 3600;
/** Tries of one address in a span. */
const TRIES_WINDOW_S = 60;
const MOST_TRIES = 8;
const MOST_REQUESTS = 60;
const tries = { window: TRIES_WINDOW_S, max: MOST_TRIES };

const made = () =>
  betterAuth({
    appName: "Umiak",
    baseURL: publicAddress(),
    basePath: LIBRARY_PATH,
    secret: sessionSecret(),
    trustedOrigins: [publicAddress()],
    telemetry: { enabled: false },
    database: drizzleAdapter(accountsDatabase(), {
      provider: "pg",
      schema: { ...tables, account: tables.credential },
    }),
    emailAndPassword: {
      enabled: true,
      minPasswordLength: ACCOUNT_RANGE.password[0],
      maxPasswordLength: ACCOUNT_RANGE.password[1],
      revokeSessionsOnPasswordReset: true,
      sendResetPassword: ({ user, token }) =>
        mails().send({
          to: user.email,
          subject: m.resetMailSubject,
          text: m.resetMailText({ address: `${publicAddress()}/reset?token=${token}` }),
        }),
    },
    user: {
      deleteUser: {
        enabled: true,
        beforeDelete: ({ id }) => inTransaction(databaseFor(id), (transaction) => deleteOwner(transaction, id)),
      },
    },
    session: { expiresIn: SESSION_S, updateAge: SESSION_RENEWED_AFTER_S },
    plugins: [
      passkey({
        rpID: new URL(publicAddress()).hostname,
        rpName: "Umiak",
        origin: new URL(publicAddress()).origin,
        // The key itself knows whose it is: nobody types an address first.
        authenticatorSelection: { residentKey: "required", userVerification: "preferred" },
      }),
    ],
    rateLimit: {
      enabled: true,
      storage: "database",
      window: TRIES_WINDOW_S,
      max: MOST_REQUESTS,
      customRules: {
        "/sign-in/email": tries,
        "/sign-up/email": tries,
        "/request-password-reset": tries,
        "/reset-password": tries,
        "/delete-user": tries,
        "/change-password": tries,
        "/passkey/verify-authentication": tries,
        "/get-session": false,
      },
    },
    databaseHooks: {
      user: { create: { after: ({ id }) => addOwner(databaseFor(id), id) } },
    },
    advanced: {
      cookiePrefix: "umiak",
      useSecureCookies: publicAddress().startsWith("https:"),
      defaultCookieAttributes: { httpOnly: true, sameSite: "lax" },
      ipAddress: { ipAddressHeaders: [CLIENT_HEADER] },
      database: { generateId: () => uuid() },
    },
    logger: { level: "error" },
  });

let library: ReturnType<typeof made> | null = null;
export const accountsLibrary = (): ReturnType<typeof made> => (library ??= made());
