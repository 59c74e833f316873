import { insulationFromClo, LEWIS_K_PER_KPA } from "../units";
import { convection, radiation } from "./exchange/air-coefficients";
import type { Body } from "./body";
import type { Posture } from "./posture";
import { saturationPressureKPa } from "./exchange/saturation-pressure";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";
import type { SkinExchange } from "./exchange/skin-exchange";

const PERMEABILITY_INDEX = 0.45; // JOS-3's default i_cl

/** Surroundings and clothing as the published body takes them; arrays of 17. */
export type PublishedSurroundings = {
  readonly posture: Posture;
  readonly airC: ArrayLike<number>;
  readonly radiantC: ArrayLike<number>;
  readonly relativeHumidityPercent: ArrayLike<number>;
  readonly windMPerS: ArrayLike<number>;
  readonly insulationClo: ArrayLike<number>;
};

/** Clothing area factor. @source JOS-3 (ASHRAE's form, switched at 0.5 clo) */
const clothingAreaFactor = (clo: number): number => (clo < 0.5 ? 1 + 0.2 * clo : 1.05 + 0.1 * clo);

const convectionBuffer = new Float64Array(SEGMENT_COUNT);

/**
 * Writes the exchange of clothing given in clo per segment.
 * @source JOS-3, Takahashi et al. 2021
 */
export function publishedExchange(out: SkinExchange, body: Body, around: PublishedSurroundings): void {
  convection(convectionBuffer, around.posture, around.windMPerS, around.airC, body.now.skinC, "switch-at-still-air");
  const radiating = radiation(around.posture);
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const hc = convectionBuffer[segment]!;
    const hr = radiating[segment]!;
    const clo = around.insulationClo[segment]!;
    const areaFactor = clothingAreaFactor(clo);
    const clothing = insulationFromClo(clo);
    const dry = 1 / ((hc + hr) * areaFactor) + clothing;
    out.dryConductanceWPerK[segment] = body.parameters.skinAreaM2[segment]! / dry;
    out.surroundingsC[segment] = (hc * around.airC[segment]! + hr * around.radiantC[segment]!) / (hc + hr);
    const evaporative = 1 / (LEWIS_K_PER_KPA * hc * areaFactor) + clothing / (LEWIS_K_PER_KPA * PERMEABILITY_INDEX);
    out.vapourConductanceWPerKPa[segment] = body.parameters.skinAreaM2[segment]! / evaporative;
    out.vapourPressureKPa[segment] =
      (saturationPressureKPa(around.airC[segment]!) * around.relativeHumidityPercent[segment]!) / 100;
  }
  out.breathedAirC = around.airC[SEGMENT_INDEX.head]!;
}
