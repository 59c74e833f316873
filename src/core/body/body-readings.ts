import type { BodyParameters } from "./body-parameters";
import { FIRST_CORE, FIRST_SKIN } from "./nodes";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";
import { trunkMean } from "./regulation/trunk-mean";

/** Heat-capacity mean of the chest, back and pelvis cores, °C. @source JOS-3's weights */
export const trunkCoreC = (temperatureC: Float64Array): number =>
  trunkMean(
    temperatureC[FIRST_CORE + SEGMENT_INDEX.chest]!,
    temperatureC[FIRST_CORE + SEGMENT_INDEX.back]!,
    temperatureC[FIRST_CORE + SEGMENT_INDEX.pelvis]!,
  );

/** Area mean of the skin, °C. */
export function meanSkinC(temperatureC: Float64Array, { skinAreaM2, surfaceM2 }: BodyParameters): number {
  let total = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    total += temperatureC[FIRST_SKIN + segment]! * skinAreaM2[segment]!;
  }
  return total / surfaceM2;
}
