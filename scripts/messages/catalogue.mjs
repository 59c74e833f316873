import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { ROOT } from "../run/paths.mjs";

const FOLDER = path.join(ROOT, "messages");
const KEY = /^[a-z]\w*$/i;
/** A module that exports it is taken for a promise, and whoever imports it later waits for ever. */
const NO_KEY = "then";

/**
 * All messages of a language, in ICU MessageFormat, by key.
 * @param {string} language
 * @returns {Map<string, string>}
 * @throws {Error} where a key is given twice, or cannot be the name of a constant
 */
export function readCatalogue(language) {
  const folder = path.join(FOLDER, language);
  const messages = new Map();
  for (const file of readdirSync(folder).sort()) {
    const told = JSON.parse(readFileSync(path.join(folder, file), "utf8"));
    for (const [key, text] of Object.entries(told)) {
      const where = `messages/${language}/${file}: ${key}`;
      if (!KEY.test(key) || key === NO_KEY) throw new Error(`${where} cannot be the name of a constant`);
      if (messages.has(key)) throw new Error(`${where} is given twice`);
      messages.set(key, text);
    }
  }
  return messages;
}
