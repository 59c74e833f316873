import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { simulateOuting } from "../simulation";
import type { Outing } from "../outing";
import { sweatOnArrival } from "./sweat";

const outing = sampleOuting();
const walkedHard = (of: Outing): Outing => ({
  ...of,
  phases: of.phases.map((phase) => (phase.kind === "walkIn" ? { ...phase, activityRatio: 8 } : phase)),
  wearings: of.wearings.map((wearing) => ({ ...wearing, fromMinute: 0 })),
});

describe("sweat on arrival", () => {
  it("is told of a hard walk in full dress and not of an easy one in light dress", () => {
    expect(sweatOnArrival(simulateOuting(outing))).toBeNull();
    expect(sweatOnArrival(simulateOuting(walkedHard(outing)))).toMatchObject({ step: "soaked" });
  });
});
