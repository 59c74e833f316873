import { parse } from "@messageformat/parser";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { readCatalogue } from "./catalogue.mjs";
import { compiledFile, LANGUAGES } from "./languages.mjs";

/** @typedef {import("@messageformat/parser").Token} Token */
/** @typedef {{ text: string } | { parameters: Map<string, string>, body: string }} Compiled a constant, or a function of what it names */

/** @param {string} text */
const inTemplate = (text) => text.replace(/[\\`]|\$\{/g, "\\$&");

/**
 * Tokens as the inside of a template literal; what they name is noted with its type.
 * @param {Token[]} tokens @param {Map<string, string>} parameters @param {string} counted what `#` stands for
 * @returns {string}
 */
function templateOf(tokens, parameters, counted = "") {
  return tokens
    .map((token) => {
      if (token.type === "content") return inTemplate(token.value);
      if (token.type === "octothorpe") return `\${a.${counted}}`;
      if (token.type === "argument") {
        if (!parameters.has(token.arg)) parameters.set(token.arg, "string | number");
        return `\${a.${token.arg}}`;
      }
      if (token.type !== "plural") throw new Error(`${token.type} is not known here: use {name} or {count, plural, …}`);
      parameters.set(token.arg, "number");
      const cases = token.cases.map(({ key, tokens: inner }) => {
        return `${key}: \`${templateOf(inner, parameters, token.arg)}\``;
      });
      return `\${plural(a.${token.arg}, { ${cases.join(", ")} })}`;
    })
    .join("");
}

/**
 * A message as code.
 * @param {string} text in ICU MessageFormat @param {string} language
 * @returns {Compiled}
 */
export function compileMessage(text, language) {
  const cardinal = /** @type {any} */ (new Intl.PluralRules(language).resolvedOptions().pluralCategories);
  const tokens = parse(text, { cardinal, ordinal: [], strictPluralKeys: true });
  const parameters = new Map();
  const body = templateOf(tokens, parameters);
  if (parameters.size === 0) {
    return { text: tokens.map((token) => (token.type === "content" ? token.value : "")).join("") };
  }
  return { parameters, body };
}

/** @param {string} language what chooses among cases, by the language's own rules */
const pluralCode = (language) => `const rules = new Intl.PluralRules(${JSON.stringify(language)});
export const plural = (count: number, cases: Partial<Record<Intl.LDMLPluralRule, string>> & { readonly other: string }): string =>
  cases[rules.select(count)] ?? cases.other;
`;

/** @param {string} language @returns {Map<string, Compiled>} by key @throws {Error} naming the message that cannot be read */
export function compileCatalogue(language) {
  const compiled = new Map();
  for (const [key, text] of readCatalogue(language)) {
    try {
      compiled.set(key, compileMessage(text, language));
    } catch (error) {
      throw new Error(`messages/${language}, ${key}: ${error instanceof Error ? error.message : error}`);
    }
  }
  return compiled;
}

/** @param {string} key @param {Compiled} compiled */
function typed(key, compiled) {
  if ("text" in compiled) return `export const ${key}: string = ${JSON.stringify(compiled.text)};`;
  const type = [...compiled.parameters].map(([name, kind]) => `readonly ${name}: ${kind}`).join("; ");
  return `export const ${key} = (a: { ${type} }): string => \`${compiled.body}\`;`;
}

/** Writes the module of each language, of its catalogue; one that is written already is left alone. */
export function compileMessages() {
  for (const language of LANGUAGES) {
    const code = [
      `// Written by \`npm run messages\` from messages/${language}: change it there.`,
      `/** The language of these messages, a BCP 47 tag. */`,
      `export const language: string = ${JSON.stringify(language)};`,
      pluralCode(language),
      ...[...compileCatalogue(language)].map(([key, compiled]) => typed(key, compiled)),
      "",
    ].join("\n");
    const file = compiledFile(language);
    if (existsSync(file) && readFileSync(file, "utf8") === code) continue;
    mkdirSync(path.dirname(file), { recursive: true });
    writeFileSync(file, code);
  }
}
