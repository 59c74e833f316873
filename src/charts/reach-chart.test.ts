import { describe, expect, it } from "vitest";
import type { ReachCell } from "@/core/reach";
import type { Limit } from "@/core/limits";
import { REACH_BANDS, reachChart, type ReachMap } from "./reach-chart";

const FRAME = { left: 0, right: 100, top: 0, bottom: 100 };

/** A map of 11 by 11 cells whose minutes and limits follow a rule. */
function mapBy(
  minutes: (air: number, wind: number) => number | null,
  limit: (air: number) => Limit = () => "toes",
): ReachMap {
  const airTemperaturesC = Array.from({ length: 11 }, (_, step) => 10 - 5 * step);
  const windsMPerS = Array.from({ length: 11 }, (_, step) => step);
  const cells = airTemperaturesC.flatMap((airTemperatureC) =>
    windsMPerS.map((windMPerS): ReachCell => {
      const minutesStill = minutes(airTemperatureC, windMPerS);
      return {
        airTemperatureC,
        windMPerS,
        minutesStill,
        limit: minutesStill === null ? null : limit(airTemperatureC),
        part: minutesStill === null ? null : "toes",
      };
    }),
  );
  return { airTemperaturesC, windsMPerS, cells };
}

const numbers = (path: string): number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
const downs = (path: string): number[] => numbers(path).filter((_, index) => index % 2 === 1);

describe("a map's picture", () => {
  it("lays each band where it lasts so long: even fall of minutes, even bands", () => {
    // 600 min at +10 °C, 60 min less every 5 K: two hours are had down to −30 °C, four fifths of the way down.
    const chart = reachChart(
      mapBy((air) => 600 - (10 - air) * 12),
      FRAME,
    );
    expect(Math.max(...downs(chart.lineOf(120)))).toBeCloseTo(80, 6);
    expect(chart.bands.map(({ fromMinutes }) => fromMinutes)).toEqual([...REACH_BANDS]);
    const depths = chart.bands.slice(1).map(({ path }) => Math.max(...downs(path)));
    expect(depths).toEqual([...depths].sort((one, other) => other - one));
  });

  it("takes what has no end for longer than every band", () => {
    const chart = reachChart(
      mapBy(() => null),
      FRAME,
    );
    expect(chart.bands.every(({ path }) => path !== "")).toBe(true);
    expect(chart.limitLabels).toEqual([]);
    expect(chart.limitEdges).toBe("");
  });

  it("names each limit once in its largest region and draws a line between them", () => {
    const chart = reachChart(
      mapBy(
        () => 60,
        (air) => (air >= -20 ? "toes" : "face"),
      ),
      FRAME,
    );
    expect(chart.limitLabels.map(({ cell }) => cell.limit)).toEqual(["toes", "face"]);
    expect(chart.limitLabels[0]!.y).toBeLessThan(65);
    expect(chart.limitLabels[1]!.y).toBeGreaterThan(65);
    expect(new Set(downs(chart.limitEdges.replaceAll(/H[\d.]+/g, "")))).toEqual(new Set([65])); // midway from −20 to −25 °C
  });

  it("finds the cell under a point, at the edge for what lies beyond", () => {
    const chart = reachChart(
      mapBy(() => 60),
      FRAME,
    );
    expect(chart.nearest(chart.x(3), chart.y(-10))).toBe(4 * 11 + 3);
    expect(chart.nearest(-50, 500)).toBe(10 * 11);
  });
});
