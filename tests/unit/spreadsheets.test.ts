import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { describeSpreadsheets, readKitLists, readWeatherTables } from "../../scripts/spreadsheets/describe";

// Lists of our own making, dirty as people have them. What is expected was counted by hand from the files.

type Expected = {
  /** Kinds in order of the rows; "?" where it has to be asked, "-" for a thing that is not worn. */
  readonly kinds: string;
  /** Of all rows together, g. */
  readonly massG: number;
  readonly price?: number;
  readonly currency?: string;
  readonly problems?: number;
};

const KITS: Readonly<Record<string, Expected>> = {
  "01-plain-grams.csv": {
    kinds: "baseTop baseLegs fleeceJacket downJacket hat socks bootsInsulated",
    massG: 3830,
    price: 913,
    currency: "EUR",
  },
  // 9.5, 28, 50, 88, 11 and 2.1 oz of 28.35 g
  "02-ounces-and-pounds.csv": {
    kinds: "baseLegs sweater insulatedTrousers bootsFelt mitts hat",
    massG: 5347,
    price: 1682.99,
    currency: "USD",
  },
  "03-decimal-comma.csv": {
    kinds: "baseTop baseLegs downJacket bootsInsulated mitts hat",
    massG: 4150,
    price: 9544,
    currency: "NOK",
  },
  "04-title-above.csv": { kinds: "balaclava neckTube glovesKnitted mitts", massG: 520 },
  "05-sections.csv": { kinds: "? bootsInsulated baseLegs insulatedTrousers ?", massG: 4090 },
  "06-pasted-tabs.txt": { kinds: "insulatedJacket insulatedTrousers bootsInsulated mitts", massG: 5030 },
  "07-just-names.txt": {
    kinds: "hat balaclava baseTop fleeceJacket downJacket baseLegs jeans socks bootsFelt mitts -",
    massG: 0,
  },
  "08-names-and-grams-no-head.csv": {
    kinds: "bootsRubber socks gaiters shellJacket hoodie bootsPlain",
    massG: 4850,
  },
  "09-semicolon-quotes.csv": { kinds: "neopreneWaders bootsWading raincoat fleeceTrousers", massG: 3720 },
  // 4.2 lb, 5 lb and 3 oz
  "10-inch-marks.csv": { kinds: "bootsRubber bootsFelt seatPad", massG: 4258 },
  "11-totals-and-repeated-head.csv": { kinds: "baseTop baseLegs socks socks", massG: 610 },
  "12-units-row.csv": {
    kinds: "sweater footbedFelt neckTube faceMask",
    massG: 890,
    price: 188,
    currency: "EUR",
  },
  "13-ranges-and-question-marks.csv": {
    kinds: "glovesKnitted sheepskin socksHeated muff footPad",
    massG: 175 + 900 + 260 + 280,
    price: 195,
    currency: "EUR",
  },
  "14-markdown.txt": { kinds: "shellJacket shellTrousers hat", massG: 985 },
  // 38, 14.8 and 3.9 oz
  "15-brands-and-columns-to-leave.csv": { kinds: "insulatedJacket fleeceJacket socks", massG: 1608 },
  "16-german.csv": {
    kinds: "downJacket baseLegs mitts bootsRubber hat",
    massG: 3520,
    price: 893.3,
    currency: "EUR",
  },
  "17-kilograms-unsaid.csv": {
    kinds: "insulatedJacket insulatedTrousers bootsFelt hat",
    massG: 5020,
    price: 835,
    currency: "EUR",
  },
  "18-formulas-and-markup.csv": { kinds: "fleeceJacket balaclava socks hat", massG: 675 },
  "19-what-nobody-can-tell.csv": { kinds: "? ? - ? - bootsPlain", massG: 7280 },
  "20-down-and-clo.csv": { kinds: "downJacket downVest insulatedTrousers vest", massG: 2900 },
  "21-windows-1252.csv": { kinds: "bootsInsulated sweater", massG: 2350 },
  "22-utf-16.csv": { kinds: "chestProtector kneeBrace helmet shinGuards", massG: 1280 },
  "23-sheet.xlsx": {
    kinds: "baseTop socksHeated seatPad glovesNeoprene socksWaterproof",
    massG: 840,
    price: 3095,
    currency: "EUR",
  },
  "24-two-sheets.xlsx": { kinds: "mittsOnCord spareLiner waders bootsWading", massG: 3130 },
};

describe("lists of clothes", () => {
  it("are each expected here", async () => expect(Object.keys(await readKitLists())).toEqual(Object.keys(KITS)));

  it.each(Object.entries(KITS))("%s", async (name, { kinds, massG, price = 0, currency, problems = 0 }) => {
    const { rows, problems: told } = (await readKitLists())[name]!;
    expect(rows.map(({ kind }) => kind?.replace("none", "-") ?? "?").join(" ")).toBe(kinds);
    // Each row is rounded to a gram.
    expect(Math.abs(rows.reduce((sum, row) => sum + (row.massG ?? 0), 0) - massG)).toBeLessThanOrEqual(2);
    expect(rows.reduce((sum, row) => sum + (row.priceMinor ?? 0), 0) / 100).toBeCloseTo(price, 6);
    if (currency) expect(new Set(rows.flatMap((row) => row.currency ?? []))).toEqual(new Set([currency]));
    expect(told).toHaveLength(problems);
  });
});

/** First and last hour: UTC, °C, m/s, %; how many there are, and how many rows are left out. */
const WEATHER: Readonly<Record<string, { readonly hours: readonly string[]; readonly problems?: number }>> = {
  "01-own-heads.csv": { hours: ["15T05 -9.5 2.0 85", "15T06 -10.0 2.5 84"] },
  "02-fahrenheit-mph-american.csv": { hours: ["15T05 -10.0 4.0 71", "15T06 -11.1 4.9 73", "15T11 -6.1 2.7 60"] },
  "03-service-csv-with-block-above.csv": { hours: ["15T05 -12.3 3.0 88", "15T06 -12.8 3.5 87"] },
  "04-service-arrays.json": { hours: ["15T05 -10.0 5.1 88", "15T06 -10.5 6.2 87"] },
  "05-service-nested.json": { hours: ["15T05 -9.5 2.6 88", "15T06 -9.9 2.8 87"] },
  "06-norwegian-semicolons.csv": { hours: ["15T05 -9.5 2.6 88", "15T06 -9.9 2.8 87"], problems: 1 },
  "07-clock-only-over-midnight.txt": {
    hours: ["15T21 -4.0 3.0 80", "15T22 -5.0 3.0 80", "15T23 -6.0 0.0 80", "16T00 -7.0 3.0 80"],
  },
  "08-no-head.txt": { hours: ["15T05 -5.0 3.0 80", "15T06 -6.0 3.0 80"] },
  // Dew points of −11.0 and −11.1 °C at −9.5 and −10.0 °C: 89 and 92 % over water (WMO's formula, from memory)
  "09-epoch-kelvin-dew.csv": { hours: ["15T05 -9.5 2.6 89", "15T06 -10.0 2.8 92"] },
  "10-gaps-doubles-and-rubbish.csv": { hours: ["15T05 -9.7 2.5 80", "15T09 -11.0 3.0 80"], problems: 3 },
};

describe("tables of weather", () => {
  const read = readWeatherTables();
  it("are each expected here", () => expect(Object.keys(read)).toEqual(Object.keys(WEATHER)));

  it.each(Object.entries(WEATHER))("%s", (name, { hours, problems = 0 }) => {
    const found = read[name]!;
    expect(
      found.hours.map(
        (hour) =>
          `${hour.at.slice(8, 13)} ${hour.airTemperatureC.toFixed(1)} ${hour.windMPerS.toFixed(1)} ${hour.relativeHumidityPercent.toFixed(0)}`,
      ),
    ).toEqual(hours);
    expect(found.problems).toHaveLength(problems);
  });
});

it("the page of outcomes tells what is read", async () =>
  expect(readFileSync("docs/formats/spreadsheets.md", "utf8")).toBe(await describeSpreadsheets()));
