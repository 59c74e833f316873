import { bigint, boolean, index, integer, pgSchema, text, timestamp } from "drizzle-orm/pg-core";

// Who may sign in. A schema of its own: these rows belong to no owner, and nothing of a plan is in them. An account's id is
// that of its owner. Names of columns and tables are those the sign-in library asks for.

export const accounts = pgSchema("account");

const at = () => timestamp({ withTimezone: true }).notNull();
const maybeAt = () => timestamp({ withTimezone: true });

export const user = accounts.table("user", {
  id: text().primaryKey(),
  name: text().notNull(),
  email: text().notNull().unique(),
  emailVerified: boolean().notNull().default(false),
  image: text(),
  createdAt: at().defaultNow(),
  updatedAt: at().defaultNow(),
});

const ofUser = () =>
  text()
    .notNull()
    .references(() => user.id, { onDelete: "cascade" });

export const session = accounts.table(
  "session",
  {
    id: text().primaryKey(),
    token: text().notNull().unique(),
    userId: ofUser(),
    ipAddress: text(),
    userAgent: text(),
    expiresAt: at(),
    createdAt: at().defaultNow(),
    updatedAt: at().defaultNow(),
  },
  (table) => [index().on(table.userId)],
);

/** What an account proves itself by: the hash of its password. */
export const credential = accounts.table(
  "credential",
  {
    id: text().primaryKey(),
    accountId: text().notNull(),
    providerId: text().notNull(),
    userId: ofUser(),
    accessToken: text(),
    refreshToken: text(),
    idToken: text(),
    accessTokenExpiresAt: maybeAt(),
    refreshTokenExpiresAt: maybeAt(),
    scope: text(),
    password: text(),
    createdAt: at().defaultNow(),
    updatedAt: at().defaultNow(),
  },
  (table) => [index().on(table.userId)],
);

/** Keys an account signs in with instead of a password: the public half of each. */
export const passkey = accounts.table(
  "passkey",
  {
    id: text().primaryKey(),
    name: text(),
    publicKey: text().notNull(),
    userId: ofUser(),
    credentialID: text("credential_id").notNull(),
    counter: integer().notNull(),
    deviceType: text().notNull(),
    backedUp: boolean().notNull(),
    transports: text(),
    createdAt: maybeAt(),
    aaguid: text(),
  },
  (table) => [index().on(table.userId), index().on(table.credentialID)],
);

/** Secrets that were mailed, until they are used or too old. */
export const verification = accounts.table(
  "verification",
  {
    id: text().primaryKey(),
    identifier: text().notNull(),
    value: text().notNull(),
    expiresAt: at(),
    createdAt: at().defaultNow(),
    updatedAt: at().defaultNow(),
  },
  (table) => [index().on(table.identifier)],
);

/** Tries of an address in a span of time. */
export const rateLimit = accounts.table("rate_limit", {
  id: text().primaryKey(),
  key: text().notNull().unique(),
  count: integer().notNull(),
  lastRequest: bigint({ mode: "number" }).notNull(),
});

/** Sign-ins to an account that failed, by the hash of its address. */
export const failedTry = accounts.table(
  "failed_try",
  { id: text().primaryKey(), emailHash: text().notNull(), triedAt: at().defaultNow() },
  (table) => [index().on(table.emailHash, table.triedAt)],
);

/** Codes that let somebody make an account where the door is closed; only their hashes are kept. */
export const invitation = accounts.table("invitation", {
  codeHash: text().primaryKey(),
  usesLeft: integer().notNull(),
  expiresAt: at(),
  createdAt: at().defaultNow(),
});
