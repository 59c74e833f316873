import { describe, expect, it } from "vitest";
import type { Label } from "@/core/labels";
import { bodyChart } from "./body-chart";
import { fitText } from "./fit-text";
import { laneOf } from "../core/pieces";
import { phaseSpans, wearLanes } from "./spans";
import { timeAxis } from "./time-axis";
import { weatherChart } from "./weather-chart";

const axis = timeAxis({ startsAt: "2027-03-27T02:50:00Z", timeZone: "Europe/Oslo", totalMinutes: 300 }, 100, 700);

describe("the time axis", () => {
  it("ticks at whole hours of the place's wall clock, inside its bounds", () => {
    expect(axis.ticks[0]).toMatchObject({ minute: 10, text: "04:00" });
    for (const { x, text } of axis.ticks) {
      expect(text).toMatch(/:(00|30)$/);
      expect(x).toBeGreaterThanOrEqual(100);
      expect(x).toBeLessThanOrEqual(700);
    }
  });

  it("skips the hour the clocks skip", () => {
    const night = timeAxis({ startsAt: "2027-03-27T23:00:00Z", timeZone: "Europe/Oslo", totalMinutes: 300 }, 0, 300);
    expect(night.ticks.map(({ text }) => text)).toEqual(["00:00", "01:00", "03:00", "04:00", "05:00"]);
  });
});

describe("spans", () => {
  it("phases follow each other and fill the axis", () => {
    const spans = phaseSpans(axis, [{ minutes: 100 }, { minutes: 200 }]);
    expect(spans).toMatchObject([
      { x: 100, width: 200 },
      { x: 300, width: 400 },
    ]);
  });

  const item = (id: string, rank: number, fromMinute: number, toMinute: number, pieceId = id) => ({
    id,
    lane: "Trunk" as const,
    rank,
    fromMinute,
    toMinute,
    pieceId,
  });

  it("lanes use as few rows as they need, and a piece put on again keeps its row", () => {
    const [lane] = wearLanes(
      axis,
      [
        item("shell", 30, 0, 60),
        item("base", 10, 0, 300),
        item("parka", 40, 60, 300),
        item("mitt1", 50, 0, 100, "mitt"),
        item("mitt2", 50, 120, 200, "mitt"),
      ],
      ["Head", "Trunk"],
    );
    const rows = Object.fromEntries(lane!.bars.map((bar) => [bar.item.id, bar.row]));
    expect(rows.base).toBe(0);
    expect(rows.parka).toBe(rows.shell);
    expect(rows.mitt1).toBe(rows.mitt2);
    expect(lane!.rows).toBe(3);
  });

  it("bars of a row never overlap", () => {
    const items = Array.from({ length: 12 }, (_, index) => item(String(index), index % 4, index * 10, index * 10 + 75));
    const [lane] = wearLanes(axis, items, ["Trunk"]);
    for (const one of lane!.bars) {
      for (const other of lane!.bars) {
        if (one === other || one.row !== other.row) continue;
        expect(one.toMinute <= other.fromMinute || other.toMinute <= one.fromMinute).toBe(true);
      }
    }
  });

  it("lanes go by kind, garments by what they cover", () => {
    const garment = (patches: ("chest" | "calf")[]): Label => ({
      kind: "panels",
      panels: [{ patches, materials: [{ kind: "knit", massGPerM2: 200 }] }],
      assembly: "none",
      face: "knit",
      fit: "close",
      wear: "new",
    });
    expect(laneOf({ kind: "garment", label: garment(["chest", "calf"]) })).toBe("Trunk");
    expect(laneOf({ kind: "garment", label: garment(["calf"]) })).toBe("Legs");
    expect(laneOf({ kind: "sock", label: garment(["calf"]) })).toBe("Feet");
  });
});

describe("charts", () => {
  it("weather spans the whole axis though hours may not, and marks only hours on it", () => {
    const hour = (minute: number, airTemperatureC: number) => ({
      minute,
      airTemperatureC,
      windMPerS: 5,
      cloudShare: null,
      precipitationMm: null,
    });
    const chart = weatherChart(axis, [hour(-50, -8), hour(10, -6), hour(70, -4), hour(400, 0)], 0.5, 0, 100);
    expect(chart.hours.map(({ index }) => index)).toEqual([1, 2]);
    expect(chart.temperaturePath).toMatch(/^M100,/);
    expect(chart.temperaturePath).toMatch(/L700,[\d.]+$/);
  });

  it("curves keep their ends and lie between top and bottom, limits in between", () => {
    const values = Float64Array.from({ length: 301 }, (_, minute) => 34 - minute / 15);
    const chart = bodyChart(axis, [{ key: "toes", values }], [{ key: "cold", value: 15 }], {
      top: 10,
      height: 100,
      lowest: 5,
      highest: 36,
    });
    expect(chart.curves[0]!.path).toMatch(/^M100,.*L700,/);
    expect(chart.bounds[0]!.y).toBeGreaterThan(10);
    expect(chart.bounds[0]!.y).toBeLessThan(110);
  });

  it("texts are cut to their room", () => {
    expect(fitText("walk in", 200, 13)).toBe("walk in");
    expect(fitText("Down parka, 700 fill", 80, 12)).toMatch(/…$/);
    expect(fitText("sit", 5, 13)).toBe("");
  });
});
