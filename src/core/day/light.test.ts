import { describe, expect, it } from "vitest";
import { lightSpans } from "./light";

// What the year brings at a latitude is common knowledge of astronomy: no sun at 78° in December, none set in June.
const FAR_NORTH = [78, 15] as const;
const NORTH = [69.65, 18.95] as const;
const lights = (startsAtMs: number, hours: number, [latitude, longitude]: readonly [number, number]): string[] =>
  lightSpans(startsAtMs, hours * 60, latitude, longitude).map(({ light }) => light);

describe("the light of an outing", () => {
  it("does not change where the sun never sets or never nears the horizon", () => {
    expect(lights(Date.UTC(2027, 5, 21, 0), 24, FAR_NORTH)).toEqual(["day"]);
    expect(lights(Date.UTC(2026, 11, 21, 0), 24, FAR_NORTH)).toEqual(["dark"]);
  });

  it("has but twilight about noon in a polar night further south", () => {
    expect(lights(Date.UTC(2026, 11, 21, 2), 18, NORTH)).toEqual(["dark", "twilight", "dark"]);
    expect(lights(Date.UTC(2026, 11, 21, 10, 30), 1, NORTH)).toEqual(["twilight"]);
  });

  it("runs through a whole day elsewhere, without gaps", () => {
    const spans = lightSpans(Date.UTC(2027, 2, 27, 0), 24 * 60, 62, 11);
    expect(spans.map(({ light }) => light)).toEqual(["dark", "twilight", "day", "twilight", "dark"]);
    spans.slice(1).forEach(({ fromMinute }, index) => expect(fromMinute).toBe(spans[index]!.toMinute));
    expect([spans[0]!.fromMinute, spans.at(-1)!.toMinute]).toEqual([0, 24 * 60]);
  });
});
