import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "../../core/starter-kit";
import { pieceSchema, type PieceInFile } from "../wire/kit/kit-schema";
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
      expect(readKit(text, "point")).toEqual({ pieces: PIECES, problems: [], notes: [] });
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
      { at: "line 2", reason: expect.stringMatching(/thicknessMm/) as string },
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
    expect(problems.map(({ at }) => at)).toEqual(["line 3", "line 4", "line 6"]);
    expect(problems[0]!.reason).toMatch(/massGPerM2/);
  });

  const HEAD = "piece;name;kind;face;fingersTogether;material;massGPerM2;patches";
  const SHIRT = "1;Shirt;garment;knit;;knit;200;chest";
  const table = (...rows: string[]): string => [HEAD, ...rows].join("\n");

  it("reads lines that end in all three ways, and lines inside quotes, naming the line of the file", () => {
    const text = [
      `${HEAD}\r\n`,
      `${SHIRT}\r`,
      `2;"Two\nlines";garment;knit;;knit;150;back\n`,
      "3;Odd;garment;knit;;knit;x;back",
    ].join("");
    const { pieces, problems } = readKit(text, "point");
    expect(pieces.map(({ name }) => name)).toEqual(["Shirt", "Two\nlines"]);
    expect(problems).toMatchObject([{ at: "line 5" }]);
  });

  it("says where a quotation mark swallows the rest, and where a row is short or long", () => {
    const open = readKit(table(SHIRT, '2;"Open;garment;knit;;knit;200;chest', SHIRT.replace("1;", "3;")), "point");
    expect(open.pieces).toHaveLength(1);
    expect(open.problems).toMatchObject([{ at: "line 3", reason: expect.stringMatching(/quotation mark/) as string }]);
    const short = readKit(table(SHIRT, "2;Short;garment", `${SHIRT.replace("1;", "3;")};more`), "point");
    expect(short.pieces).toHaveLength(1);
    expect(short.problems.map(({ at }) => at)).toEqual(["line 3", "line 4"]);
  });

  it("keeps all panels of a piece whose rows a sorted table has taken apart", () => {
    const rows = ["1;;;;;knit;300;back", "2;Hat;headwear;knit;;knit;300;scalp", SHIRT];
    const { pieces, problems } = readKit(table(...rows), "point");
    expect(problems).toEqual([]);
    const shirt = pieces.find(({ name }) => name === "Shirt")!;
    expect(shirt.label.kind === "panels" && shirt.label.panels).toHaveLength(2);
  });

  it.each([
    ["true", true],
    ["yes", true],
    ["WAHR", true],
    ["1.0", true],
    ["1,0", true],
    ["", false],
    ["0", false],
    ["FALSCH", false],
    ["no", false],
  ])("takes %j for %s, and refuses what is neither", (word, meant) => {
    const row = (text: string) => readKit(table(`1;Mitts;handwear;knit;${text};knit;200;hand`), "point");
    expect(row(word).pieces[0]!.fingersTogether).toBe(meant);
    expect(row("perhaps").problems[0]!.reason).toMatch(/fingersTogether/);
  });

  it("names columns it does not know, refuses one that stands twice, and survives any name", () => {
    const odd = readKit(table(SHIRT).replace(HEAD, `${HEAD};constructor`).replace(SHIRT, `${SHIRT};x`), "point");
    expect(odd.pieces).toHaveLength(1);
    expect(odd.notes).toMatchObject([{ at: "line 1", reason: expect.stringMatching(/constructor/) as string }]);
    const proto = readKit(table(SHIRT.replace(";knit;200", ";__proto__;200")), "point");
    expect(proto.problems).toHaveLength(1);
    const twice = readKit(table(SHIRT).replace("massGPerM2", "name"), "point");
    expect(twice.problems[0]!.reason).toMatch(/lacks|twice/);
  });

  it("offers no more pieces than can be added", () => {
    const rows = Array.from({ length: 501 }, (_, index) => SHIRT.replace("1;", `${index};`));
    expect(readKit(table(...rows), "point")).toMatchObject({
      pieces: [],
      problems: [{ reason: expect.stringMatching(/divide/) as string }],
    });
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
        problems: [{ at: "", reason: expect.stringMatching(reason) as string }],
      });
    }
  });
});
