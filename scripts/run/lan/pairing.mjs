import { createHash, randomBytes, randomInt, timingSafeEqual } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { readCatalogue } from "../../messages/catalogue.mjs";
import { LANGUAGES } from "../../messages/languages.mjs";
import { languageOf } from "../language-of.mjs";

/** @typedef {import("node:http").IncomingMessage} Request @typedef {import("node:http").ServerResponse} Response */

/** Letters and digits that nobody takes for another. */
const SIGNS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
const CODE_LENGTH = 8;
const COOKIE = "umiak-paired";
const A_YEAR_S = 365 * 24 * 3600;
/** So many wrong codes in a row, and none is taken for a while: guessing would take longer than the code is good for. */
const MOST_WRONG = 5;
const LOCKED_MS = 60_000;
const MOST_DEVICES = 50;
const OWN = 0o600;

/** A code to read off one screen and type into another; a new one for every start. */
export const newPairingCode = () => Array.from({ length: CODE_LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join("");

/** @param {string} text */
const digest = (text) => createHash("sha256").update(text).digest();
/** @param {string} one @param {string} other */
const isSame = (one, other) => timingSafeEqual(digest(one), digest(other));

/** @param {Request} request */
function tokenOf(request) {
  const cookies = (request.headers.cookie ?? "").split(";").map((part) => part.trim());
  return cookies.find((part) => part.startsWith(`${COOKIE}=`))?.slice(COOKIE.length + 1) ?? "";
}

const HEADERS = {
  "content-type": "text/html; charset=utf-8",
  "cache-control": "no-store",
  "content-security-policy": "default-src 'none'; form-action 'self'; frame-ancestors 'none'; base-uri 'none'",
  "x-content-type-options": "nosniff",
  "referrer-policy": "no-referrer",
};

/** @type {Map<string, Record<string, string>>} by language, read once: whoever is not paired may ask as often as they like */
const messages = new Map(LANGUAGES.map((language) => [language, Object.fromEntries(readCatalogue(language))]));

/** @param {string} language @param {Record<string, string>} m @param {string} told */
const askPage = (language, m, told) => `<!doctype html>
<html lang="${language}">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${m.pairWithUmiak}</title>
<h1>${m.pairWithUmiak}</h1>
<p role="alert">${told}</p>
<form action="/pair" method="get">
<p><label>${m.pairingCode}<br>
<input name="code" autocomplete="off" autocapitalize="characters" spellcheck="false" required></label></p>
<p><button>${m.pairThisDevice}</button></p>
</form>
</html>`;

/**
 * Lets through devices that are paired; a device with the code is paired, every other gets nothing but the question for it.
 * Of what paired devices carry only a digest is kept.
 * @param {{ folder: string, code: string, now?: () => number }} how
 */
export function pairing({ folder, code, now = Date.now }) {
  const file = path.join(folder, "devices.json");
  /** @type {string[]} */
  let devices = existsSync(file) ? JSON.parse(readFileSync(file, "utf8")) : [];
  let wrong = 0;
  let lockedUntil = 0;

  const remember = () => {
    const token = randomBytes(32).toString("base64url");
    devices = [...devices, digest(token).toString("hex")].slice(-MOST_DEVICES);
    mkdirSync(folder, { recursive: true });
    writeFileSync(file, JSON.stringify(devices), { mode: OWN });
    return token;
  };
  /** @param {Request} request @param {Response} response @param {number} status @param {string} told the key of what is told */
  const ask = (request, response, status, told) => {
    const language = languageOf(request);
    const m = messages.get(language) ?? {};
    response.writeHead(status, HEADERS).end(askPage(language, m, m[told] ?? ""));
  };

  /** @param {Request} request @param {Response} response @param {() => void} next */
  return (request, response, next) => {
    const token = tokenOf(request);
    if (token !== "" && devices.includes(digest(token).toString("hex"))) return next();
    // Split by hand: a stranger may send an address that is none, and nothing of it may end the server.
    const [pathname, query = ""] = (request.url ?? "/").split("?", 2);
    const given = pathname === "/pair" ? new URLSearchParams(query).get("code") : null;
    if (given === null) return void ask(request, response, 401, "notPairedYet");
    if (now() < lockedUntil) return void ask(request, response, 429, "tooManyWrongCodes");
    if (!isSame(given.toUpperCase().replace(/[^A-Z0-9]/g, ""), code)) {
      wrong += 1;
      if (wrong >= MOST_WRONG) {
        wrong = 0;
        lockedUntil = now() + LOCKED_MS;
      }
      return void ask(request, response, 403, "thisIsNotTheCode");
    }
    wrong = 0;
    const cookie = `${COOKIE}=${remember()}; Path=/; Max-Age=${A_YEAR_S}; HttpOnly; Secure; SameSite=Lax`;
    response.writeHead(303, { location: "/", "set-cookie": cookie, "cache-control": "no-store" }).end();
  };
}
