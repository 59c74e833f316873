import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { simulateOuting } from "../simulation";
import { AS_PLANNED, switched } from "./switches";

const minutes = (outing: ReturnType<typeof sampleOuting>): number => {
  const { verdict } = simulateOuting(outing).sits[0]!;
  return verdict.kind === "longerThan" ? Infinity : verdict.kind === "ends" ? verdict.minutesStill : 0;
};

describe("what is taken otherwise", () => {
  it("is nothing where nothing is said", () => {
    expect(switched(sampleOuting(), AS_PLANNED)).toEqual({ ...sampleOuting(), weather: expect.any(Array) as unknown });
    expect(minutes(switched(sampleOuting(), AS_PLANNED))).toBe(minutes(sampleOuting()));
  });

  it("leaves the walk out with all that hangs on its minutes", () => {
    const startsAtMs = Date.UTC(2027, 2, 27);
    const outing = { ...sampleOuting(), startsAtMs };
    const [walk] = outing.phases;
    expect(walk!.kind).toBe("walkIn");
    const driven = switched(outing, { ...AS_PLANNED, walksIn: false });
    expect(driven.phases).toEqual(outing.phases.slice(1));
    // Sun and weather are those of the hour one sits at.
    expect(driven.startsAtMs).toBe(startsAtMs + walk!.minutes * 60_000);
    expect(driven.weather[0]!.minute).toBe(outing.weather[0]!.minute - walk!.minutes);
    expect(driven.wearings.every(({ fromMinute, toMinute }) => fromMinute >= 0 && toMinute > fromMinute)).toBe(true);
    expect(driven.wearings.length).toBeLessThanOrEqual(outing.wearings.length);
  });

  it("takes posture for all sits, the ground under feet and seat, the sky over all hours", () => {
    const own = switched(sampleOuting(), {
      ...AS_PLANNED,
      posture: "standing",
      ground: "metal",
      sky: "clear",
      relativeHumidityPercent: 40,
    });
    expect(own.phases.filter(({ kind }) => kind === "sit").map(({ posture }) => posture)).not.toContain("sitting");
    expect(own.place).toMatchObject({ ground: "metal", seat: undefined });
    expect(own.weather.every((hour) => hour.cloudShare === 0 && hour.relativeHumidityPercent === 40)).toBe(true);
  });
});
