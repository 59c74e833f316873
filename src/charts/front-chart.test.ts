import { describe, expect, it } from "vitest";
import { labelsApart } from "./labels-apart";
import { frontChart } from "./front-chart";

const FRAME = { left: 50, right: 450, top: 10, bottom: 210 };
const front = [
  { massG: 4000, minutes: 30 },
  { massG: 6000, minutes: 200 },
];
const points = [{ carriedG: 4000, minutes: 30, lowMinutes: 0, highMinutes: 90 }];

describe("minutes over mass", () => {
  it("grows to the right and upwards, within its frame, the wanted line and every end of a range in it", () => {
    const chart = frontChart(points, front, 300, FRAME);
    expect(chart.x(4000)).toBeGreaterThanOrEqual(FRAME.left);
    expect(chart.x(6000)).toBeLessThanOrEqual(FRAME.right);
    expect(chart.x(6000)).toBeGreaterThan(chart.x(4000));
    expect(chart.y(0)).toBe(FRAME.bottom);
    expect(chart.y(300)).toBeGreaterThan(FRAME.top);
    expect(chart.y(300)).toBeLessThan(chart.y(200));
    expect(chart.hours.map(({ hour }) => hour)).toEqual([0, 1, 2, 3, 4, 5]);
  });

  it("steps: up to the mass at which more can be had it stays what it was", () => {
    const chart = frontChart([], front, null, FRAME);
    const corner = `${chart.x(6000)},${Number(chart.y(30).toFixed(3))}`;
    expect(chart.path.replaceAll("L", " ").replaceAll("M", "").split(" ")).toContain(corner);
  });

  it("of nothing found has an hour's height and no path", () => {
    expect(frontChart([], [], null, FRAME)).toMatchObject({ path: "", hours: [{ hour: 0 }, { hour: 1 }] });
  });
});

describe("names on a chart", () => {
  const named = (text: string, x: number, y = 20) => ({ text, x, y, anchor: "end" as const });

  it("stand where they are wanted while they have room, else on the next free line", () => {
    expect(labelsApart([named("Quietest", 100), named("Warmest", 300)])).toEqual([20, 20]);
    const [one, two, three] = labelsApart([named("Quietest", 300), named("Lightest", 310), named("Warmest", 320)]);
    expect([one, two, three]).toEqual([20, 35, 50]);
    expect(labelsApart([named("Quietest", 300), { ...named("Warmest", 290), anchor: "start" }])[1]).toBe(35);
  });
});
