import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Calendar, isMonthFirstIn, readWhen } from "./when";

const ZONE = "Europe/Oslo";
const NEAR = "2027-01-15T05:00:00.000Z";

/** Read as one cell of a table whose outing starts on 15 January 2027, day first. */
const read = (cell: string, isMonthFirst = false): string | null => {
  const when = readWhen(cell, isMonthFirst);
  return when && new Calendar(NEAR, ZONE).textOf(when);
};

describe("days and times as tables write them", () => {
  it.each([
    ["2027-01-15T06:30", "2027-01-15T06:30"],
    ["2027-01-15 06:30:00", "2027-01-15T06:30"],
    ["2027-01-15T06:30:00.000Z", "2027-01-15T06:30Z"],
    ["2027-01-15T06:30+01:00", "2027-01-15T06:30+01:00"],
    ["2027-01-15 05:30 UTC", "2027-01-15T05:30Z"],
    ["2027/1/5 6:30", "2027-01-05T06:30"],
    ["20270115T0630Z", "2027-01-15T06:30Z"],
    ["2027011506", "2027-01-15T06:00"],
    ["15.01.2027 06:30", "2027-01-15T06:30"],
    ["15.1.27 6.30", "2027-01-15T06:30"],
    ["15/01/2027 18:05", "2027-01-15T18:05"],
    ["15 Jan 2027 06:30", "2027-01-15T06:30"],
    ["Fri 15 January 2027, 06:30", "2027-01-15T06:30"],
    ["fredag 15. jan 2027 kl. 06.30", "2027-01-15T06:30"],
    ["3. mai 2027 06:00", "2027-05-03T06:00"],
    ["12. Dez 2027 06:00 Uhr", "2027-12-12T06:00"],
    ["Jan 15, 2027 6:30 AM", "2027-01-15T06:30"],
    ["January 15 2027 12:05 am", "2027-01-15T00:05"],
    ["15.01.2027 12:00 pm", "2027-01-15T12:00"],
    ["15 Jan 6 pm", "2027-01-15T18:00"],
    ["1799989200", "2027-01-15T05:00Z"],
    ["1799989200000", "2027-01-15T05:00Z"],
    ["46402.25", "2027-01-15T06:00"], // days since the last day of 1899, as spreadsheets count (from memory)
    ["2027-01-15 24:00", "2027-01-16T00:00"],
  ])("%s is %s", (cell, expected) => expect(read(cell)).toBe(expected));

  it("with the month first where the reader writes it so", () => {
    expect(read("1/15/2027 6:30 AM", true)).toBe("2027-01-15T06:30");
    expect(read("2/3/2027 06:00", true)).toBe("2027-02-03T06:00");
    expect(read("2/3/2027 06:00")).toBe("2027-03-02T06:00");
  });

  it("without a year are of the year nearest the outing", () => {
    expect(read("31.12 22:00")).toBe("2026-12-31T22:00");
    expect(read("2. feb 06:00")).toBe("2027-02-02T06:00");
  });

  it.each(["soon", "", "total", "-9.5", "06", "2027", "x 06:30 y", "15-Jan"])("%j tells no day with a time", (cell) =>
    expect(read(cell)).toBeNull(),
  );

  it("take the day of the row before, and the next one over midnight", () => {
    const calendar = new Calendar(NEAR, ZONE);
    const at = (cell: string): string | null => calendar.textOf(readWhen(cell, false)!);
    expect([at("22:00"), at("23:30"), at("00:15"), at("01:00")]).toEqual([
      "2027-01-15T22:00",
      "2027-01-15T23:30",
      "2027-01-16T00:15",
      "2027-01-16T01:00",
    ]);
    expect([at("17.01.2027 06:00"), at("07:00")]).toEqual(["2027-01-17T06:00", "2027-01-17T07:00"]);
  });

  it("without an outing to be near, a time alone tells nothing", () =>
    expect(new Calendar(null, ZONE).textOf(readWhen("06:30", false)!)).toBeNull());

  it("of any instant, written as it is, give it back", () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date("1990-01-01"), max: new Date("2060-01-01"), noInvalidDate: true }),
        (date) => {
          const iso = `${date.toISOString().slice(0, 16)}Z`;
          expect(read(iso)).toBe(iso);
          const [year, month, day] = iso.slice(0, 10).split("-");
          expect(read(`${day}.${month}.${year} ${iso.slice(11, 16)}`)).toBe(iso.slice(0, 16));
        },
      ),
    );
  });
});

describe("which of day and month stands first", () => {
  it.each([
    [["13/1/2027 06:00", "14/1/2027 06:00"], false],
    [["1/13/2027 06:00"], true],
    [["1/2/2027 06:00", "1/13/2027 06:00"], true],
    [["1.2.2027 06:00"], false],
    [["1/2/2027 06:00", "2/2/2027 06:00"], null],
    [["2027-01-15 06:00"], null],
    [["06:30", "07:30"], null],
    [[], null],
  ])("%j: %s", (cells, expected) => expect(isMonthFirstIn(cells)).toBe(expected));
});
