import { mkdirSync, rmSync, writeFileSync } from "node:fs";
import type { IncomingMessage } from "node:http";
import path from "node:path";
import { build, type Rollup } from "vite";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { readCatalogue } from "../../scripts/messages/catalogue.mjs";
import { LANGUAGES, sourceAliases } from "../../scripts/messages/languages.mjs";
import { messagesPlugin } from "../../scripts/messages/vite-plugin.mjs";
import { LANGUAGE_COOKIE, languageChosen } from "@/formats/display/language";
import { languageOf } from "../../scripts/run/language-of.mjs";

const FOLDER = path.resolve("node_modules/.cache/umiak-message-builds/src");

/** What a browser would get of a source, built in a language. */
async function builtFrom(source: string, language: string): Promise<string> {
  const entry = path.join(FOLDER, `${language}.ts`);
  writeFileSync(entry, source);
  const built = await build({
    configFile: false,
    logLevel: "silent",
    plugins: [messagesPlugin(language)],
    resolve: { alias: sourceAliases() },
    build: { write: false, minify: false, lib: { entry, formats: ["es"], fileName: "built" } },
  });
  const [{ output }] = built as Rollup.RollupOutput[] as [Rollup.RollupOutput];
  return output.map((chunk) => ("code" in chunk ? chunk.code : "")).join("\n");
}

const said = async (code: string): Promise<Record<string, (...values: unknown[]) => string>> =>
  import(`data:text/javascript,${encodeURIComponent(code)}`);

beforeAll(() => mkdirSync(FOLDER, { recursive: true }));
afterAll(() => rmSync(path.dirname(FOLDER), { recursive: true, force: true }));

describe("a build for browsers", () => {
  const SOURCE = `
    import * as m from "@/messages";
    export const plain = () => m.putSomethingOnFirst;
    export const counted = (count: number) => m.countOfPieces({ count });
    export const tag = () => m.language;
  `;

  it.each(LANGUAGES)("in %s carries the texts it says, and of the catalogue nothing else", async (language) => {
    const code = await builtFrom(SOURCE, language);
    const texts = readCatalogue(language);
    expect(code).toContain(texts.get("putSomethingOnFirst"));
    expect(code).not.toContain(texts.get("nothingToUndo"));
    const { plain, counted, tag } = await said(code);
    expect(plain!()).toBe(texts.get("putSomethingOnFirst"));
    expect(tag!()).toBe(language);
    expect(counted!(2)).toMatch(/^2 /);
  });

  it("is refused where it says what no catalogue holds", async () => {
    const source = 'import * as m from "@/messages";\nexport const gone = () => m.noSuchMessageAtAll;';
    await expect(builtFrom(source, "nb")).rejects.toThrow(/noSuchMessageAtAll/);
  });
});

describe("the language of a request", () => {
  const asked = (headers: Record<string, string>): string => languageOf({ headers } as unknown as IncomingMessage);

  it.each([
    [{}, "en"],
    [{ "accept-language": "nb-NO,nb;q=0.9,en;q=0.8" }, "nb"],
    [{ "accept-language": "no" }, "nb"],
    [{ "accept-language": "de-DE,de;q=0.9,nb;q=0.3" }, "nb"],
    [{ "accept-language": "de,fr" }, "en"],
    [{ "accept-language": "nb;q=0,en" }, "en"],
    [{ "accept-language": "*" }, "en"],
    [{ "accept-language": "\u0000;;;q=" }, "en"],
    [{ "accept-language": "en-GB", cookie: `a=b; ${LANGUAGE_COOKIE}=nb` }, "nb"],
    [{ "accept-language": "nb", cookie: `${LANGUAGE_COOKIE}=en` }, "en"],
    [{ "accept-language": "nb", cookie: `${LANGUAGE_COOKIE}=../../etc` }, "nb"],
    [{ cookie: `${LANGUAGE_COOKIE}=__proto__; =;;%` }, "en"],
  ])("of %j is %s", (headers, language) => expect(asked(headers as Record<string, string>)).toBe(language));

  it("that is kept is one there is, or the browser's", () => {
    expect(LANGUAGES.map((language) => languageChosen(language))).toEqual([...LANGUAGES]);
    expect(["toString", "__proto__", "", "de", undefined].map(languageChosen)).toEqual([null, null, null, null, null]);
  });
});
