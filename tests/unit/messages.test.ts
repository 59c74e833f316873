import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { readCatalogue } from "../../scripts/messages/catalogue.mjs";
import { compileCatalogue, compileMessage } from "../../scripts/messages/compile.mjs";
import { LANGUAGES } from "../../scripts/messages/languages.mjs";
import { LANGUAGES as OFFERED } from "@/formats/display/language";

const [FIRST, ...OTHERS] = LANGUAGES;

const sources = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name);
    if (entry.isDirectory()) return file === path.join("src", "messages") ? [] : sources(file);
    return /\.(tsx?|astro)$/.test(entry.name) ? [readFileSync(file, "utf8")] : [];
  });

/** What of a message is given when it is said, with whether it is counted. */
const givenOf = (compiled: ReturnType<typeof compileMessage>): string[] =>
  "text" in compiled ? [] : [...compiled.parameters].map(([name, type]) => `${name}: ${type}`).sort();

/** Units, keys, signs, words that are the same, and names of things that are called so in both. */
const LETTERS_ALIKE = 12;

describe("the catalogues", () => {
  const first = compileCatalogue(FIRST);

  it("offer what there is", () => {
    expect(Object.keys(OFFERED)).toEqual([...LANGUAGES]);
  });

  it.each(OTHERS)("in %s lacks no message, has none too many, and each is given the same", (language) => {
    const other = compileCatalogue(language);
    expect([...first.keys()].filter((key) => !other.has(key))).toEqual([]);
    expect([...other.keys()].filter((key) => !first.has(key))).toEqual([]);
    const differing = [...first].filter(([key, message]) => {
      return givenOf(message).join() !== givenOf(other.get(key)!).join();
    });
    expect(differing.map(([key]) => key)).toEqual([]);
  });

  it.each(OTHERS)("in %s are translated: no longer text stands as it does in the first", (language) => {
    const other = readCatalogue(language);
    const same = [...readCatalogue(FIRST)].filter(([key, text]) => {
      const letters = text.replace(/\{[^}]*\}/g, "").replace(/[^A-Za-zÀ-ÿ]/g, "");
      return letters.length > LETTERS_ALIKE && other.get(key) === text;
    });
    expect(same.map(([key]) => key)).toEqual(["ctrlZCtrlShiftZ"]);
  });

  it.each(OTHERS)("in %s end, begin and go on as the first: pieces of a sentence are put together", (language) => {
    const other = readCatalogue(language);
    const edge = (text: string): string => `${/^\s/.test(text)} ${/\s$/.test(text)}`;
    const differing = [...readCatalogue(FIRST)].filter(([key, text]) => edge(text) !== edge(other.get(key) ?? ""));
    expect(differing.map(([key]) => key)).toEqual([]);
  });

  it("hold no message that nobody says", () => {
    const pairing = readFileSync("scripts/run/lan/pairing.mjs", "utf8"); // speaks before the application does
    const saidIn = (text: string) => [...text.matchAll(/\bm\.(\w+)|request, response, \d+, "(\w+)"/g)];
    const said = new Set([pairing, ...sources("src")].flatMap(saidIn).map(([, key, told]) => key ?? told));
    expect([...first.keys()].filter((key) => !said.has(key))).toEqual([]);
  });
});

describe("a message", () => {
  const said = (text: string, language: string, values: Record<string, unknown>): string => {
    const compiled = compileMessage(text, language);
    if ("text" in compiled) return compiled.text;
    const rules = new Intl.PluralRules(language);
    const plural = (count: number, cases: Record<string, string>): string => cases[rules.select(count)] ?? cases.other!;
    return new Function("a", "plural", `return \`${compiled.body}\`;`)(values, plural) as string;
  };

  it("says its values; counts by the language's own rules", () => {
    expect(said("{name}, again", "en", { name: "Lek" })).toBe("Lek, again");
    const pieces = "{count, plural, one {# piece} other {# pieces}} in {place}";
    expect(said(pieces, "en", { count: 1, place: "it" })).toBe("1 piece in it");
    expect(said(pieces, "en", { count: 0, place: "it" })).toBe("0 pieces in it");
    // Polish, of which we have nothing, counts by three: the rules are Intl's, not ours.
    const polish = "{count, plural, one {# but} few {# buty} many {# butów} other {# buta}}";
    expect([1, 3, 7].map((count) => said(polish, "pl", { count }))).toEqual(["1 but", "3 buty", "7 butów"]);
  });

  it("holds signs of code as text", () => {
    expect(said("`{x}` \\ $", "en", { x: "${1}" })).toBe("`${1}` \\ $");
  });

  it("is refused where it is broken, counts what the language does not, or asks for what is not known here", () => {
    expect(() => compileMessage("{count, plural, one {#}", "en")).toThrow();
    expect(() => compileMessage("{count, plural, one {#} few {#} other {#}}", "en")).toThrow(/few/);
    expect(() => compileMessage("{sex, select, other {x}}", "en")).toThrow(/select/);
  });
});
