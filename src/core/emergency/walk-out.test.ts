import { describe, expect, it } from "vitest";
import { demoOuting } from "../../../tests/sample-outing";
import { walkOut } from "./walk-out";
import { type Outing, totalMinutes } from "../outing";

const outing = demoOuting("Char through the ice");
const colder = (byK: number): Outing => ({
  ...outing,
  weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC - byK })),
});

describe("when the vehicle stays", () => {
  it("walking on keeps the trunk warm and wets what is worn; standing still afterwards cools", () => {
    const { onArrival, afterWaiting, endMinute } = walkOut(outing, 120);
    expect(endMinute).toBe(totalMinutes(outing.phases) + 120);
    expect(afterWaiting.trunkC).toBeLessThan(onArrival.trunkC);
    expect(afterWaiting.heatDebtWhPerM2).toBeGreaterThan(onArrival.heatDebtWhPerM2);
    const short = walkOut(outing, 20);
    expect(onArrival.trunkWaterGPerM2).toBeGreaterThan(short.onArrival.trunkWaterGPerM2);
    // Two hours on foot warm a trunk that has cooled in the sit; an hour of standing gives some of it back.
    expect(onArrival.trunkC).toBeGreaterThan(36.5);
    expect(onArrival.trunkC - afterWaiting.trunkC).toBeGreaterThan(0.1);
  });

  it("in deep cold more limits are past their hard level than in mild", () => {
    const [mild, deep] = [walkOut(colder(-8), 60), walkOut(colder(30), 60)];
    expect(deep.onArrival.toesC).toBeLessThan(mild.onArrival.toesC);
    expect(deep.hardPassed.length).toBeGreaterThan(mild.hardPassed.length);
  });

  it("somebody without clothes at −40 °C has a trunk past its hard limit, and it is told", () => {
    const bare: Outing = { ...colder(35), wearings: [] };
    const { hardPassed, afterWaiting } = walkOut(bare, 120);
    expect(afterWaiting.trunkC).toBeLessThan(35);
    expect(hardPassed).toContain("trunk");
  });
});
