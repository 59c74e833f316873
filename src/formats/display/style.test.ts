import { afterEach, describe, expect, it } from "vitest";
import { fixedNumber, plainNumber, temperatureText } from "./numbers";
import { DEFAULT_PREFERENCES, type Preferences } from "./preferences";
import {
  degreesOfKelvin,
  differenceText,
  insulationFigure,
  insulationText,
  loadText,
  quantityFigure,
  quantityText,
  rainText,
  unitLabel,
} from "./quantities";
import { showAs } from "./style";
import { clockText } from "./time";
import { CUSTOMARY } from "./units";

const as = (change: Partial<Preferences>): void => showAs(() => ({ ...DEFAULT_PREFERENCES, ...change }));
afterEach(() => showAs(() => DEFAULT_PREFERENCES));

describe("texts as whoever reads wants them", () => {
  it("metric, with a point, by a clock of 24 hours, where nothing was chosen", () => {
    expect(quantityText("distance", 2350)).toBe("2.35 km");
    expect(quantityText("areal", 200)).toBe("200 g/m²");
    expect(insulationText(0.155)).toBe("1 clo");
    expect(loadText(3420)).toBe("3.4 kg");
    expect(clockText("2027-01-10T16:05:00Z", "Europe/Oslo")).toBe("17:05");
  });

  it("customary units: each quantity by its definition", () => {
    as(CUSTOMARY);
    expect(quantityText("distance", 1609.344)).toBe("1 mi");
    expect(quantityText("height", 3.048)).toBe("10 ft");
    expect(quantityText("length", 0.254)).toBe("10 in");
    expect(quantityText("smallMass", 28.349523125)).toBe("1 oz");
    expect(quantityText("areal", 33.9057)).toBe("1 oz/yd²");
    expect(quantityText("thickness", 25.4)).toBe("1 in");
    expect(loadText(4535.9237)).toBe("10 lb");
    expect(rainText(2.54)).toBe("0.1 in");
    expect(quantityFigure("smallMass", 425)).toBe("15.0");
    expect(unitLabel("wind")).toBe("mph");
  });

  it("a difference of temperatures is scaled, never shifted", () => {
    expect(differenceText(5, 0)).toBe("5 °C");
    as({ temperature: "F" });
    expect(differenceText(5, 0)).toBe("9 °F");
    expect(degreesOfKelvin(-10)).toBeCloseTo(-18);
  });

  it("insulation in m²K/W has a decimal more: its unit is six times as large", () => {
    expect(insulationFigure(0.31, 2)).toBe("2.00");
    as({ insulation: "m²K/W" });
    expect(insulationFigure(0.31, 2)).toBe("0.310");
    expect(insulationText(0.31, 1)).toBe("0.31 m²K/W");
  });

  it("with a comma, with a true minus, and by a clock of 12 hours", () => {
    as({ decimal: "comma", clock: "12" });
    expect(plainNumber(-1.25, 2)).toBe("−1,25");
    expect(fixedNumber(3, 1)).toBe("3,0");
    expect(temperatureText(-7.5, "C", 1)).toBe("−7,5 °C");
    expect(clockText("2027-01-10T16:05:00Z", "Europe/Oslo")).toMatch(/^5:05\s?pm$/i);
    expect(clockText("2027-01-10T23:05:00Z", "Europe/Oslo")).toMatch(/^12:05\s?am$/i);
  });
});
