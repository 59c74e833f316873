import { createHmac } from "node:crypto";

/** The role that web processes and workers sign in as: row-level security holds it (src/db/owner-scope.ts). */
export const WEB_ROLE = "umiak_web";

/** Its password, made of that of whoever sets up: every machine that is given the same address has the same. @param {URL} url */
const passwordOf = (url) => createHmac("sha256", url.password).update(WEB_ROLE).digest("hex");

/**
 * The same database, as the role of web processes; as it is where it asks for no password.
 * @param {string} databaseUrl
 */
export function webUrlOf(databaseUrl) {
  const url = new URL(databaseUrl);
  if (url.password === "" || url.username === WEB_ROLE) return databaseUrl;
  url.password = passwordOf(url);
  url.username = WEB_ROLE;
  return url.href;
}

/** What its role is to sign in with; `null` where the database asks for no password. @param {string} databaseUrl */
export function webPasswordOf(databaseUrl) {
  const url = new URL(databaseUrl);
  return url.password === "" ? null : passwordOf(url);
}
