import { describe, expect, it } from "vitest";
import type { VerdictLine } from "../wire/outing/outing-view";
import { degreesText, plainNumber, temperatureText, windText } from "./numbers";
import { DEFAULT_PREFERENCES, readPreferences } from "./preferences";
import { CUSTOMARY, METRIC, QUANTITIES, QUANTITY_NAMES, type Quantity, type Unit } from "./units";
import { areInOneWeek, clockText, dateText, durationText } from "./time";
import { showAs } from "./style";
import { TEMPERATURE, WIND } from "./units";
import { againstPlanWords, verdictWords } from "./words/sheet-words";
import { endsItWords, limitWords } from "./words/limit-words";

describe("units", () => {
  it("convert exactly: −40 is −40, 100 °C is 212 °F; 1 m/s is 3.6 km/h; the international mile", () => {
    expect(TEMPERATURE.F.fromSi(-40)).toBeCloseTo(-40, 12);
    expect(TEMPERATURE.F.fromSi(100)).toBeCloseTo(212, 12);
    expect(WIND["km/h"].fromSi(1)).toBe(3.6);
    expect(WIND.mph.fromSi(0.44704)).toBeCloseTo(1, 12);
  });

  it("come back as they went", () => {
    for (const unit of Object.values(TEMPERATURE)) expect(unit.toSi(unit.fromSi(-12.3))).toBeCloseTo(-12.3, 12);
    for (const unit of Object.values(WIND)) expect(unit.toSi(unit.fromSi(7.7))).toBeCloseTo(7.7, 12);
  });
});

describe("texts of figures", () => {
  it("carry their unit, a true minus and no negative zero", () => {
    expect(temperatureText(-12.4, "C")).toBe("−12 °C");
    expect(temperatureText(0, "F")).toBe("32 °F");
    expect(degreesText(-0.2, "C")).toBe("0°");
    expect(windText(5, "km/h")).toBe("18 km/h");
    expect(plainNumber(-1.25, 1)).toBe("−1.3");
  });

  it.each([
    [45, "45 min"],
    [60, "1 h 00"],
    [185.4, "3 h 05"],
  ])("%d minutes are %s", (minutes, text) => expect(durationText(minutes)).toBe(text));

  it("clock and date are those of the place, across the change of clocks", () => {
    expect(clockText("2027-03-28T00:30:00Z", "Europe/Oslo")).toBe("01:30");
    expect(clockText("2027-03-28T01:30:00Z", "Europe/Oslo")).toBe("03:30");
    expect(dateText("2027-03-27T23:30:00Z", "Europe/Oslo")).toBe("Sun 28 March 2027");
  });

  it("a week begins on the day that is preferred, at the place's midnight", () => {
    const [saturday, sunday, monday] = ["2027-03-27T12:00:00Z", "2027-03-27T23:30:00Z", "2027-03-29T12:00:00Z"];
    showAs(() => ({ ...DEFAULT_PREFERENCES, firstDay: "monday" }));
    expect(areInOneWeek(saturday, sunday, "Europe/Oslo")).toBe(true);
    expect(areInOneWeek(sunday, monday, "Europe/Oslo")).toBe(false);
    showAs(() => ({ ...DEFAULT_PREFERENCES, firstDay: "sunday" }));
    expect(areInOneWeek(saturday, sunday, "Europe/Oslo")).toBe(false);
    expect(areInOneWeek(saturday, sunday, "UTC")).toBe(true);
    expect(areInOneWeek(sunday, monday, "Europe/Oslo")).toBe(true);
    showAs(() => DEFAULT_PREFERENCES);
  });
});

describe("words of a verdict", () => {
  const line: VerdictLine = {
    kind: "ends",
    minutesStill: 86,
    lowMinutes: 60,
    highMinutes: 130,
    standardMinutes: 95,
    plannedMinutes: 240,
    sitFromMinute: 60,
    limit: "toes",
    part: "toes",
    side: "left",
  };

  it("name limit, part and side", () => {
    expect(limitWords("toes", { part: "toes", side: "left" })).toBe("left toes");
    expect(limitWords("toes", { part: "toes", side: "both" })).toBe("toes");
    expect(limitWords("heatDebt", { part: "body", side: null })).toBe("heat debt");
    expect(endsItWords("face", { part: "nose", side: null })).toBe("nose ends it");
    expect(endsItWords("fingers", { part: "fingers", side: "right" })).toBe("right fingers end it");
  });

  it("stand in a line and against the plan", () => {
    expect(verdictWords(line)).toBe("1 h 26 still, then left toes");
    expect(againstPlanWords(line)).toBe("2 h 34 short of the plan");
    expect(verdictWords({ ...line, kind: "arrivesTooCold", minutesStill: 0 })).toBe("arrives too cold: left toes");
    const longer: VerdictLine = { ...line, kind: "longerThan", minutesStill: 600, limit: null, part: null, side: null };
    expect(verdictWords(longer)).toBe("longer than 10 h 00");
    expect(againstPlanWords(longer)).toBe("6 h 00 to spare");
    expect(againstPlanWords({ ...line, minutesStill: 240 })).toBe("just the planned time");
  });
});

describe("preferences", () => {
  it("fall back where the cookie is missing, broken or unknown", () => {
    expect(readPreferences(undefined)).toEqual(DEFAULT_PREFERENCES);
    expect(readPreferences("{")).toEqual(DEFAULT_PREFERENCES);
    expect(readPreferences("null")).toEqual(DEFAULT_PREFERENCES);
    expect(readPreferences('{"temperature":"F","wind":"knots","theme":"dark","currency":"krone"}')).toEqual({
      ...DEFAULT_PREFERENCES,
      temperature: "F",
      theme: "dark",
    });
  });

  it("are those usual where the browser comes from, until the person chooses", () => {
    const american = readPreferences(undefined, "en-US,en;q=0.9");
    expect(american).toMatchObject({
      ...CUSTOMARY,
      clock: "12",
      firstDay: "sunday",
      decimal: "point",
      currency: "USD",
    });
    expect(readPreferences('{"temperature":"C"}', "en-US")).toEqual({ ...american, temperature: "C" });
    expect(readPreferences(undefined, "nb-NO")).toMatchObject({
      ...METRIC,
      clock: "24",
      decimal: "comma",
      currency: "NOK",
    });
    expect(readPreferences(undefined, "en-GB")).toMatchObject({
      temperature: "C",
      wind: "mph",
      mass: "kg",
      clock: "24",
    });
    expect(readPreferences(undefined, "*;q=nonsense")).toEqual(DEFAULT_PREFERENCES);
  });
});

describe("units", () => {
  it("turn into each other by their definitions (international yard and pound, 1959; nautical mile, 1929)", () => {
    const shown = (quantity: Quantity, unit: string, si: number): number =>
      (QUANTITIES[quantity] as Record<string, Unit>)[unit]!.fromSi(si);
    expect(shown("temperature", "F", -40)).toBeCloseTo(-40);
    expect(shown("wind", "kn", 10)).toBeCloseTo(19.438, 3);
    expect(shown("length", "in", 0.5)).toBeCloseTo(19.685, 3);
    expect(shown("height", "ft", 1)).toBeCloseTo(3.2808, 4);
    expect(shown("mass", "lb", 80)).toBeCloseTo(176.37, 2);
    expect(shown("smallMass", "oz", 100)).toBeCloseTo(3.527, 3);
    expect(shown("areal", "oz/yd²", 200)).toBeCloseTo(5.9, 2); // cloth of 200 g/m² is sold as 5.9 oz
    expect(shown("insulation", "clo", 0.155)).toBeCloseTo(1);
  });

  it("of every quantity come back to what they were", () => {
    for (const quantity of QUANTITY_NAMES)
      for (const unit of Object.values<Unit>(QUANTITIES[quantity]))
        expect(unit.toSi(unit.fromSi(7.25))).toBeCloseTo(7.25, 10);
  });
});
