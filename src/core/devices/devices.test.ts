import { describe, expect, it } from "vitest";
import { devicePlan } from "./device-batteries";

const camera = { batteryWh: 15, drawW: 2.5, batteries: 2 };

describe("device batteries", () => {
  it("last shorter and are changed round faster the colder it is", () => {
    const plans = [0, -10, -20, -30, -40].map((airC) => devicePlan(camera, airC));
    const swaps = plans.map(({ swapAfterMinutes }) => swapAfterMinutes);
    const lasts = plans.map(({ lastsMinutes }) => lastsMinutes);
    expect([...swaps].sort((one, other) => other - one)).toEqual(swaps);
    expect([...lasts].sort((one, other) => other - one)).toEqual(lasts);
  });

  it("need more to go round the faster they are changed", () =>
    expect(devicePlan({ ...camera, drawW: 8 }, -40).rotation).toBeGreaterThan(
      devicePlan({ ...camera, drawW: 8 }, 5).rotation,
    ));

  it("with one more last longer", () =>
    expect(devicePlan({ ...camera, batteries: 3 }, -20).lastsMinutes).toBeGreaterThan(
      devicePlan(camera, -20).lastsMinutes,
    ));
});
