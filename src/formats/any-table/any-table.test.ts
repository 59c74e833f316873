import fc from "fast-check";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { gridOfSheet, gridOfText } from "./grid";
import { findHead, roleOfHead } from "./heads";
import { decimalMarkOf, NUMBERS, valueOf, withoutFractions } from "./numbers";
import { keyOf, remembered, saidOf } from "./said";
import { folded, wordsOf } from "./words";

const cells = (text: string): (readonly string[])[] => gridOfText(text).map((row) => row.cells);

describe("cells of a table", () => {
  it.each([
    ["tabs", "a\tb\n1\t2"],
    ["semicolons", "a;b\n1;2"],
    ["commas", "a,b\n1,2"],
    ["bars", "a|b\n1|2"],
    ["a drawn table", "| a | b |\n|---|---|\n| 1 | 2 |"],
    ["a line that says what separates", "sep=;\na;b\n1;2"],
    ["a byte order mark and lines of old machines", "\uFEFFa;b\r1;2\r"],
  ])("are found with %s", (_, text) =>
    expect(cells(text)).toEqual([
      ["a", "b"],
      ["1", "2"],
    ]),
  );

  it("keep decimal commas where something else separates, and the line they stand in", () => {
    expect(cells("name;kg\nhat;0,06")).toEqual([
      ["name", "kg"],
      ["hat", "0,06"],
    ]);
    const rows = gridOfText('a,b\n\n"two\nlines",2\nlast,3');
    expect(rows.map(({ line }) => line)).toEqual([1, 3, 5]);
  });

  it("take inch marks for what they are", () =>
    expect(cells('item,height\nboots 15" tall,15"\n"open,12')).toEqual([
      ["item", "height"],
      ['boots 15" tall', '15"'],
      ['"open', "12"],
    ]));

  it("lose spaces that do not break and marks nobody sees", () =>
    expect(cells("a\u00a0b\u200b;c\nx;y")[0]).toEqual(["a b", "c"]));

  it("of a workbook are texts: days as dates, blank rows left out", () =>
    expect(
      gridOfSheet([
        ["Plagg", "Kjøpt"],
        [null, null],
        ["Lue", new Date("2021-10-01T00:00:00Z")],
        [true, 1.5],
      ]),
    ).toEqual([
      { line: 1, cells: ["Plagg", "Kjøpt"] },
      { line: 3, cells: ["Lue", "2021-10-01"] },
      { line: 4, cells: ["true", "1.5"] },
    ]));

  it("written by another program come back whatever they hold", () => {
    const word = fc
      .string({ unit: "grapheme-ascii", minLength: 1, maxLength: 12 })
      .map((text) => `w${text.replaceAll("\u0000", "").trim()}`);
    fc.assert(
      fc.property(fc.array(fc.tuple(word, word, word), { minLength: 2, maxLength: 8 }), (rows) => {
        // Every cell in quotes, as spreadsheets may: separators inside are then cells' own.
        const text = Papa.unparse(rows, { quotes: true, delimiter: "\t" });
        const plain = rows.map((row) => row.map((own) => own.replace(/[\u00a0\u202f\u2007]/g, " ").trim()));
        expect(cells(text)).toEqual(plain);
      }),
    );
  });
});

describe("numbers of a column", () => {
  it.each([
    [["0,230", "1,15"], "comma"],
    [["1,150", "1.15"], "point"],
    [["1.150,00"], "comma"],
    [["1,249.00"], "point"],
    [["1,150", "2,300"], null],
    [["1.150.000"], "comma"],
    [["12", "450"], null],
  ])("%j have their fractions after a %s", (column, mark) => expect(decimalMarkOf(column)).toBe(mark));

  it.each([
    ["1,150", null, true, 1150],
    ["1,150", null, false, 1.15],
    ["1,150", "comma", true, 1.15],
    ["1,150", "point", false, 1150],
    ["1 150", null, true, 1150],
    ["1’150.5", null, true, 1150.5],
    ["1.249,00", null, true, 1249],
    ["0,230", null, true, 0.23],
    [".5", null, true, 0.5],
  ] as const)("%s read with mark %s is %d", (token, mark, isThousands, value) =>
    expect(valueOf(token, mark, isThousands)).toBeCloseTo(value, 9),
  );

  it("are found among words, vulgar fractions too", () =>
    expect(withoutFractions("5½ lb, 12 oz and ¼").match(NUMBERS)).toEqual(["5.5", "12", "0.25"]));
});

describe("what was said of heads", () => {
  it("is found however it is written, and never in what every object has", () => {
    const said = remembered({}, { [keyOf("Vekt (G)")]: "mass" });
    expect([saidOf(said, " vekt_(g) "), saidOf(said, "constructor"), saidOf(said, "vekt")]).toEqual([
      "mass",
      undefined,
      undefined,
    ]);
  });

  it("is kept as far as it goes, what was said last longest", () => {
    const many = Object.fromEntries(Array.from({ length: 400 }, (_, index) => [`head ${index}`, index]));
    const after = remembered(many, { "head 0": -1, another: -2 });
    expect(Object.keys(after)).toHaveLength(400);
    expect([after["head 0"], after["another"], after["head 1"]]).toEqual([-1, -2, undefined]);
  });
});

describe("the head of a table", () => {
  const WORDS = { mass: ["weight", "g"], name: ["name", "what is it"] } as const;
  const find = (text: string) =>
    findHead(gridOfText(text), {
      roleOf: (cell) => roleOfHead(cell, WORDS),
      isEnough: (roles) => roles.size > 1,
      isUnit: (cell) => cell === "g",
    });

  it("is found under titles, with units that stand in a row of their own", () => {
    const found = find("My kit,\nowner: Tove,\nName,Weight\n,g\nhat,60");
    expect(found).toEqual({ at: 3, heads: ["Name", "Weight (g)"] });
  });

  it("is none where rows only look like it", () => expect(find("hat,60 g\nboots,1900 g").at).toBe(-1));

  it("is read whole, by its words, and by phrases", () => {
    expect(roleOfHead("WEIGHT", WORDS)).toBe("mass");
    expect(roleOfHead("Itemweight", WORDS)).toBeNull();
    expect(roleOfHead("ItemWeight", WORDS)).toBe("mass");
    expect(roleOfHead("so what is it?", WORDS)).toBe("name");
    expect(wordsOf("Vekt [g/m²]")).toEqual(["vekt", "g/m2"]);
    expect(folded(" Überhose_lang ")).toBe("uberhose lang");
  });
});
