import { parse } from "cookie";
import Negotiator from "negotiator";
import { LANGUAGES } from "../messages/languages.mjs";

/** Written by the page of preferences where somebody chooses a language; without it the browser's own list decides. */
const COOKIE = "umiak-language";

/**
 * The language a request is answered in.
 * @param {import("node:http").IncomingMessage} request
 * @returns {string} one of those there are
 */
export function languageOf(request) {
  const chosen = parse(request.headers.cookie ?? "")[COOKIE];
  if (chosen && LANGUAGES.some((language) => language === chosen)) return chosen;
  // Who asks for Norwegian at large reads Bokmål.
  const headers = { ...request.headers };
  headers["accept-language"] = (headers["accept-language"] ?? "").replace(/\bno\b/gi, "nb");
  return new Negotiator({ headers }).language([...LANGUAGES]) ?? LANGUAGES[0];
}
