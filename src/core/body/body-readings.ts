import { trunkMean } from "./blood-flow";
import type { BodyParameters } from "./body-parameters";
import { CORE_NODES, SKIN_NODES } from "./nodes";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";

/** Core and skin temperatures of all segments, °C. */
export type CoreAndSkin = { readonly coreC: Float64Array; readonly skinC: Float64Array };

/** Heat-capacity mean of the chest, back and pelvis cores, °C. @source JOS-3's weights */
export const trunkCoreC = (temperatureC: Float64Array): number =>
  trunkMean(
    temperatureC[CORE_NODES[SEGMENT_INDEX.chest]!]!,
    temperatureC[CORE_NODES[SEGMENT_INDEX.back]!]!,
    temperatureC[CORE_NODES[SEGMENT_INDEX.pelvis]!]!,
  );

/** Area mean of the skin, °C. */
export function meanSkinC(temperatureC: Float64Array, { skinAreaM2, surfaceM2 }: BodyParameters): number {
  let total = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    total += temperatureC[SKIN_NODES[segment]!]! * skinAreaM2[segment]!;
  }
  return total / surfaceM2;
}

/** Copies core and skin temperatures of all segments. */
export const coreAndSkinC = (temperatureC: Float64Array): CoreAndSkin => ({
  coreC: Float64Array.from(CORE_NODES, (node) => temperatureC[node]!),
  skinC: Float64Array.from(SKIN_NODES, (node) => temperatureC[node]!),
});
