import Papa from "papaparse";
import { afterEach, describe, expect, it } from "vitest";
import { starterPiece } from "@/core/starter-kit";
import { gridOfText } from "../any-table/grid";
import { DEFAULT_PREFERENCES } from "../display/preferences";
import { showAs } from "../display/style";
import { CUSTOMARY } from "../display/units";
import { NO_MAPPING } from "../kit-from-table/mapping";
import { readKitRows } from "../kit-from-table/read-rows";
import type { KitPiece } from "../wire/kit/kit-view";
import { kitList } from "./kit-list";

const piece = (change: Partial<KitPiece> = {}): KitPiece => ({
  fingersTogether: false,
  ...starterPiece("fleeceJacket"),
  id: "0",
  version: 1,
  note: "",
  care: {},
  traits: {},
  status: "inUse",
  currency: "EUR",
  priceMinor: 8550,
  massG: 567,
  wears: 3,
  outings: 3,
  hasPhoto: false,
  ...change,
});
const rowsOf = (text: string): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(text.slice(1), { header: true }).data;

afterEach(() => showAs(() => DEFAULT_PREFERENCES));

describe("a kit as a list", () => {
  it("is in the units of whoever reads, in its heads too", () => {
    expect(rowsOf(kitList([piece()]))[0]).toMatchObject({ "Mass (g)": "567", Price: "85.5 EUR", Outings: "3" });
    showAs(() => ({ ...DEFAULT_PREFERENCES, ...CUSTOMARY }));
    // A pound is 453.59237 g and sixteen ounces (international agreement of 1959): 20.0 oz.
    expect(rowsOf(kitList([piece()]))[0]).toMatchObject({ "Mass (oz)": "20.0" });
  });

  it("with a decimal comma is parted by semicolons, as spreadsheets there expect it", () => {
    showAs(() => ({ ...DEFAULT_PREFERENCES, decimal: "comma" }));
    const text = kitList([piece()]);
    expect(text.split("\n")[0]).toContain(";");
    expect(rowsOf(text)[0]).toMatchObject({ Price: "85,5 EUR" });
  });

  it("gives a spreadsheet no formula, leaves empty what is not known, and is read back by name, kind and mass", () => {
    const text = kitList([
      piece({ name: "=1+1 fleece jacket" }),
      piece({ massG: null, priceMinor: null, currency: null }),
    ]);
    const [formula, bare] = rowsOf(text);
    expect(formula!.Name).toMatch(/^'=/);
    expect([bare!["Mass (g)"], bare!.Price]).toEqual(["", ""]);
    const { rows } = readKitRows(gridOfText(kitList([piece()])), NO_MAPPING, "EUR");
    expect(rows[0]).toMatchObject({ name: "Fleece jacket 200", massG: 567 });
  });
});
