import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "../starter-kit/starter-pieces";
import { pieceSchema, type PieceInFile } from "../wire/kit-schema";
import { guessedMark, readKit } from "./read-kit";
import { kitToCsv, kitToJson } from "./write-kit";

const PIECES: PieceInFile[] = (Object.keys(STARTER_PIECES) as StarterPieceKey[]).map((key) =>
  pieceSchema.parse({ ...starterPiece(key), currency: "EUR" }),
);

/** What people, spreadsheets and attackers put into text fields. */
const NASTY = [
  `=HYPERLINK("http://example.invalid")`,
  "+1+1",
  "-2",
  "@SUM(A1)",
  "'quoted",
  `"quotes", commas; and semicolons`,
  "two\nlines",
  "<script>alert(1)</script>",
  "'; DROP TABLE piece; --",
  "шапка · 毛糸の帽子 · قبعة · 🧤",
  "a\u202Eb",
  "__proto__",
  " spaces ",
];

describe("a kit file", () => {
  it("loses nothing on the way out and back, as CSV and as JSON", () => {
    for (const text of [kitToCsv(PIECES).text, kitToJson(PIECES)]) {
      expect(readKit(text, "point")).toEqual({ pieces: PIECES, problems: [] });
    }
  });

  it("keeps hostile names and notes as they are, and gives a spreadsheet no formula", () => {
    const pieces = NASTY.map((note) => ({ ...PIECES[0]!, name: note.trim().slice(0, 100), note }));
    expect(readKit(kitToJson(pieces), "point").pieces).toEqual(pieces);
    const { text } = kitToCsv(pieces);
    expect(readKit(text, "point").pieces).toEqual(pieces);
    expect(text).not.toMatch(/(^|,)"?[=+@]/m);
  });

  it("keeps any text", () => {
    fc.assert(
      fc.property(fc.string({ unit: "grapheme", maxLength: 60 }), (note) => {
        const pieces = [{ ...PIECES[3]!, note: note.replaceAll("\0", "").replaceAll("\r", "") }];
        expect(readKit(kitToCsv(pieces).text, "point").pieces).toEqual(pieces);
      }),
    );
  });

  it("takes a decimal comma where it is told so, and guesses it from the semicolons", () => {
    const text = ["name;kind;face;material;thicknessMm;patches", "Felt insole;footbed;open;felt;6,5;sole toes"].join(
      "\r\n",
    );
    expect(guessedMark(text)).toBe("comma");
    const { pieces, problems } = readKit(text, "comma");
    expect(problems).toEqual([]);
    expect(pieces[0]).toMatchObject({ label: { panels: [{ materials: [{ kind: "felt", thicknessMm: 6.5 }] }] } });
    expect(readKit(text, "point").problems).toMatchObject([
      { row: 1, reason: expect.stringMatching(/thicknessMm/) as string },
    ]);
  });

  it("names the row of what cannot be read and takes the rest", () => {
    const text = [
      "name,kind,face,material,massGPerM2,patches",
      "Good,garment,knit,fleece,200,chest back",
      "Bad grams,garment,knit,fleece,much,chest",
      "Bad patch,garment,knit,fleece,200,heart",
      ",garment,knit,knit,150,belly",
      "Bad kind,spaceship,knit,fleece,200,chest",
    ].join("\n");
    const { pieces, problems } = readKit(text, "point");
    expect(pieces.map(({ name }) => name)).toEqual(["Good"]);
    expect(problems.map(({ row }) => row)).toEqual([2, 3, 5]);
    expect(problems[0]!.reason).toMatch(/massGPerM2/);
  });

  it("reads the example of its own description", () => {
    const [, example = ""] = /```csv\n([\s\S]*?)```/.exec(readFileSync("docs/formats/kit.md", "utf8")) ?? [];
    const { pieces, problems } = readKit(example, "point");
    expect(problems).toEqual([]);
    expect(pieces.map(({ name, label }) => [name, label.panels.length])).toEqual([
      ["Fleece jacket", 1],
      ["Laced boot", 2],
    ]);
  });

  it("says what a file is not", () => {
    for (const [text, reason] of [
      ["", /nothing/],
      ["a,b\n1,2", /lacks name, kind, material/],
      ["{", /no JSON/],
      ['{"formatVersion": 9, "pieces": []}', /formatVersion/],
      ["a\0b", /no text file/],
      ["x".repeat(4_000_001), /four million/],
    ] as const) {
      expect(readKit(text, "point")).toMatchObject({
        pieces: [],
        problems: [{ row: 0, reason: expect.stringMatching(reason) as string }],
      });
    }
  });
});
