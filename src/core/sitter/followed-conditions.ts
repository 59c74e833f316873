import type { Conditions } from "./conditions";

/** Radiation follows the cold in steps of a quarter of a kelvin, a seventh of a per cent of it: nothing need be redone between. */
const COLD_STEPS_PER_K = 4;
const coldSteps = (temperatureC: number): number => Math.round(temperatureC * COLD_STEPS_PER_K);
/** A temperature as radiation follows it, °C. */
export const followedC = (temperatureC: number): number => coldSteps(temperatureC) / COLD_STEPS_PER_K;

/** What the resistances of a step were computed from; while it stays the same they do too. */
export class FollowedConditions {
  private outfit: Conditions["outfit"] | null = null;
  private contactM2KPerW: Float64Array | null = null;
  private posture: Conditions["posture"] | null = null;
  private relativeWindMPerS = NaN;
  private walkSpeedMPerS = NaN;
  private waterVersion = 0;
  private airSteps = NaN;
  private radiantSteps = NaN;

  /** Whether the resistances of these conditions are others. @param waterVersion of what the clothes keep for their water */
  differFrom(at: Conditions, waterVersion: number): boolean {
    return (
      at.posture === "lying" || // its convection follows skin and air
      this.outfit !== at.outfit ||
      this.contactM2KPerW !== at.contactM2KPerW ||
      this.posture !== at.posture ||
      this.relativeWindMPerS !== at.relativeWindMPerS ||
      this.walkSpeedMPerS !== at.walkSpeedMPerS ||
      this.airSteps !== coldSteps(at.airTemperatureC) ||
      this.radiantSteps !== coldSteps(at.radiantTemperatureC) ||
      this.waterVersion !== waterVersion
    );
  }

  /** Notes what they are computed from now. */
  follow(at: Conditions, waterVersion: number): void {
    this.outfit = at.outfit;
    this.contactM2KPerW = at.contactM2KPerW;
    this.posture = at.posture;
    this.relativeWindMPerS = at.relativeWindMPerS;
    this.walkSpeedMPerS = at.walkSpeedMPerS;
    this.waterVersion = waterVersion;
    this.airSteps = coldSteps(at.airTemperatureC);
    this.radiantSteps = coldSteps(at.radiantTemperatureC);
  }
}
