import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { gridOfText } from "../any-table/grid";
import { figuresIn } from "./figures";
import { guessKind } from "./kind-patterns";
import { G_PER, massOf, MASS_UNITS, massUnitBySize, massUnitOfHead } from "./mass";
import { NO_MAPPING } from "./mapping";
import { currencyIn, priceMinorOf } from "./money";
import { readKitRows } from "./read-rows";

describe("masses as cells give them", () => {
  // Pound and ounce: exact by the international agreement of 1959.
  it.each([
    ["450 g", 450],
    ["450", 450],
    ["1.2 kg", 1200],
    ["1,150 g", 1150],
    ["0,230 kg", 230],
    ["2 lb 3 oz", 992.233],
    ["1 kg 200 g", 1200],
    ["12oz", 340.194],
    ["5½ lb", 2494.758],
    ["~900 g", 900],
    ["450 g (15.9 oz)", 450],
    ["150–200 g", 175],
    ["2 x 140 g", 280],
    ["approx. 2.1 pounds", 952.544],
  ])("%s is %d g", (cell, grams) => expect(massOf(cell, "g", null)!.massG).toBeCloseTo(grams, 2));

  it.each(["?", "n/a", "light", ""])("%j is none", (cell) => expect(massOf(cell, "g", null)).toBeNull());

  it("say so where they had to be reckoned", () => {
    expect(massOf("150-200 g", "g", null)!.told).toContain("middle");
    expect(massOf("2 x 140 g", "g", null)!.told).toContain("together");
  });

  it("in any unit, the unit left to the head, are the same", () => {
    fc.assert(
      fc.property(fc.constantFrom(...MASS_UNITS), fc.integer({ min: 1, max: 900 }), (unit, value) => {
        const asCell = massOf(`${value} ${unit}`, "g", null)!.massG;
        expect(asCell).toBeCloseTo(value * G_PER[unit], 6);
        expect(massOf(String(value), unit, null)!.massG).toBeCloseTo(asCell, 6);
      }),
    );
  });

  it("have their unit from the head, else from their size, else it is asked", () => {
    expect(["Weight (oz)", "Vekt [kg]", "wt_g", "Mass, lbs", "Weight"].map(massUnitOfHead)).toEqual([
      "oz",
      "kg",
      "g",
      "lb",
      null,
    ]);
    expect([massUnitBySize([230, 1150, 60]), massUnitBySize([1.2, 0.3]), massUnitBySize([8, 12, 20])]).toEqual([
      "g",
      "kg",
      null,
    ]);
  });
});

describe("prices as cells give them", () => {
  it.each([
    ["€120", 12000, "EUR"],
    ["1.249,00 €", 124900, "EUR"],
    ["$1,249.00", 124900, "USD"],
    ["899,-", 89900, "NOK"],
    ["kr 1 299", 129900, "NOK"],
    ["SEK 499", 49900, "SEK"],
    ["£35.50", 3550, "GBP"],
    ["about 120 €", 12000, "EUR"],
  ])("%s", (cell, minor, currency) => {
    expect(priceMinorOf(cell, null)).toBe(minor);
    expect(currencyIn(cell)).toBe(currency);
  });

  it("are none where nothing is said or nothing could be", () =>
    expect([priceMinorOf("gift", null), priceMinorOf("99999999999", null), currencyIn("120")]).toEqual([
      null,
      null,
      null,
    ]));
});

describe("figures of warmth in words", () => {
  it.each([
    ["merino 200 g/m²", { massGPerM2: 200 }],
    ["260gsm", { massGPerM2: 260 }],
    ["5.9 oz/yd2", { massGPerM2: 200.04 }],
    ["felt 9mm", { thicknessMm: 9 }],
    ["0.5 in foam", { thicknessMm: 12.7 }],
    ["700 fp, 250 g down", { downG: 250 }],
    ["650 fill power, 120 g", { bareG: 120 }],
    ["1.2 clo", { clo: 1.2 }],
    ["400 g", { bareG: 400 }],
    ["60 % wool, 350 g/m2", { massGPerM2: 350 }],
    ["rated -40 °C, 600 g", { bareG: 600 }],
    ["nothing", {}],
  ])("%s", (text, expected) => {
    const found = figuresIn(text, null);
    expect(Object.keys(found)).toEqual(Object.keys(expected));
    for (const [key, value] of Object.entries(expected)) expect(found[key as keyof typeof found]).toBeCloseTo(value, 1);
  });
});

describe("how worn a piece is", () => {
  it.each([
    ["like new", "new"],
    ["never worn", "new"],
    ["unused", "new"],
    ["Nytt", "new"],
    ["old", "muchUsed"],
    ["heavily worn", "muchUsed"],
    ["gammel", "muchUsed"],
    ["sold", "used"],
    ["renewed in spring", "used"],
    ["x", "used"],
    ["", "used"],
  ])("%j is %s", (condition, wear) => {
    const { rows } = readKitRows(gridOfText(`name;condition\nWool hat;${condition}`), NO_MAPPING, "EUR");
    expect(rows.map((row) => row.wear)).toEqual([wear]);
  });
});

describe("what a row is, from its words", () => {
  it.each([
    ["Wool hat", "hat"],
    ["Topplue i ull", "hat"],
    ["Balaclava", "balaclava"],
    ["Finlandshette", "balaclava"],
    ["Windproof face mask", "faceMask"],
    ["Skjerf", "neckTube"],
    ["Merino crew 200", "baseTop"],
    ["Ulltrøye", "baseTop"],
    ["Lange Unterhose", "baseLegs"],
    ["Long johns", "baseLegs"],
    ["Superundertøy", "baseTop"],
    ["Islender", "sweater"],
    ["Fleecejakke", "fleeceJacket"],
    ["Down parka", "downJacket"],
    ["Dunvest", "downVest"],
    ["Boblejakke", "insulatedJacket"],
    ["Hardshell", "shellJacket"],
    ["Vindjakke", "shellJacket"],
    ["Vinterbukse", "insulatedTrousers"],
    ["Olabukse", "jeans"],
    ["Turbukse", "walkingTrousers"],
    ["Gamasjer", "gaiters"],
    ["Vadebukse", "waders"],
    ["Lovikkavotter", "mitts"],
    ["Ski gloves", "glovesInsulated"],
    ["Ullhansker", "glovesKnitted"],
    ["Heated gloves", "glovesHeated"],
    ["Raggsokker", "socks"],
    ["Waterproof socks", "socksWaterproof"],
    ["Sheepskin insoles", "footbedSheepskin"],
    ["Felt footbeds", "footbedFelt"],
    ["Gummistøvler", "bootsRubber"],
    ["Winter boots", "bootsInsulated"],
    ["Felt-lined pac boots", "bootsFelt"],
    ["Fjellsko", "bootsPlain"],
    ["Sitteunderlag", "seatPad"],
    ["Reindeer hide rug", "sheepskin"],
    ["Bike helmet", "helmet"],
    ["Sleeping bag", "none"],
    ["Binoculars", "none"],
    ["Hodelykt", "none"],
    ["The blue one", null],
  ])("%s: %s", (name, kind) => expect(guessKind(name, "", "")).toBe(kind));

  it("goes by the part of the body that its column or its section names", () => {
    expect(guessKind("Fleece", "trousers", "")).toBe("fleeceTrousers");
    expect(guessKind("Wool hat", "Head & neck", "")).toBe("hat");
    expect(guessKind("Wool 350", "", "LEGS")).toBe("baseLegs");
    expect(guessKind("Old faithful", "boots", "")).toBe("bootsPlain");
  });
});
