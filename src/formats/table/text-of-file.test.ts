import { expect, it } from "vitest";
import { textOfFile } from "./text-of-file";

const WORDS = "Fäustling; 6,5 mm – grün";

it("reads UTF-8, with or without its mark", () => {
  expect(textOfFile(new TextEncoder().encode(WORDS))).toEqual({ text: WORDS, encoding: "UTF-8" });
});

it("reads what spreadsheets of old wrote: Windows-1252, as it maps the letters (WHATWG Encoding)", () => {
  // Of its signs only letters: this Node decodes the rest as Latin-1, browsers do not.
  const bytes = Uint8Array.from([0x46, 0xe4, 0x75, 0x73, 0x74, 0x20, 0x67, 0x72, 0xfc, 0x6e]);
  expect(textOfFile(bytes)).toEqual({ text: "Fäust grün", encoding: "Windows-1252" });
});

it("reads UTF-16 of both orders by its mark", () => {
  const little = new Uint8Array(Buffer.from(`\uFEFF${WORDS}`, "utf16le"));
  expect(textOfFile(little)).toEqual({ text: WORDS, encoding: "UTF-16" });
  expect(textOfFile(new Uint8Array(Buffer.from(little).swap16()))).toEqual({ text: WORDS, encoding: "UTF-16" });
});
