import { KELVIN_AT_ZERO_C } from "../../units";

/** Mean of surface and surroundings at which published radiation coefficients hold: a room at 30 °C, K. */
const PUBLISHED_AT_K = 30 + KELVIN_AT_ZERO_C;
/** Inner end of a stack when its outer surface is found, °C: skin, and the colder digits (assumptions). */
export const INSIDE_C = { skin: 33, digit: 20 } as const;
const PASSES = 2;

/**
 * How an outer surface meets air and sky: radiation grows with the cube of the mean of the surface's and the radiant
 * temperature, so that in the cold it is a third less than published coefficients of a room say.
 * @source linearised Stefan-Boltzmann exchange (docs/method.md, "Radiation of the cold")
 */
export class SurfaceExchange {
  /** Of the surface last found: convection and radiation, W/(m²·K), and the share of it that goes to the air. */
  bothWPerM2K = 0;
  convectionShare = 0;
  private airC = 0;
  private radiantC = 0;

  around(airC: number, radiantC: number): void {
    this.airC = airC;
    this.radiantC = radiantC;
  }

  /**
   * Finds a surface by two passes.
   * @param radiationWPerM2K as published for a room
   * @param clothingM2KPerW between the inner end and the surface, on skin area
   * @param skinOverOuterArea skin area over outer area
   * @param insideC temperature of the inner end, from INSIDE_C
   * @returns resistance from the inner end to air and sky, on skin area, m²·K/W
   */
  find(
    convectionWPerM2K: number,
    radiationWPerM2K: number,
    clothingM2KPerW: number,
    skinOverOuterArea: number,
    insideC: number,
  ): number {
    const { airC, radiantC } = this;
    let both = convectionWPerM2K + radiationWPerM2K;
    for (let pass = 0; pass < PASSES; pass++) {
      const operativeC = radiantC + (convectionWPerM2K / both) * (airC - radiantC);
      const outside = 1 / both;
      const surfaceC = operativeC + ((insideC - operativeC) * outside) / (clothingM2KPerW + skinOverOuterArea / both);
      const colder = ((surfaceC + radiantC) / 2 + KELVIN_AT_ZERO_C) / PUBLISHED_AT_K;
      both = convectionWPerM2K + radiationWPerM2K * colder * colder * colder;
    }
    this.bothWPerM2K = both;
    this.convectionShare = convectionWPerM2K / both;
    return clothingM2KPerW + skinOverOuterArea / both;
  }
}
