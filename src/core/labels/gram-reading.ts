import type { Label } from "./label";
import type { Material } from "./material";
import { readLabel, type PatchReading } from "./read-label";

/** Materials whose label prints grams per m², as people compare them. */
const PRINTED_IN_GRAMS = ["garmentBatting", "bootBatting", "gloveBatting", "mittBatting", "fleece", "knit"] as const;
type GramMaterial = Extract<Material, { readonly kind: (typeof PRINTED_IN_GRAMS)[number] }>;

/** What a piece's printed grams come to on the patch where it has most of them. */
export type GramReading = {
  readonly materialKind: GramMaterial["kind"];
  readonly massGPerM2: number;
  readonly patch: PatchReading["patch"];
  readonly insulationM2KPerW: number;
  readonly spreadM2KPerW: number;
};

const isGrams = (material: Material): material is GramMaterial =>
  (PRINTED_IN_GRAMS as readonly string[]).includes(material.kind);

/** Reads the grams a label prints, or `null` where it prints none: what the belief of "grams compare" looks at. */
export function gramReading(label: Label): GramReading | null {
  const found = readLabel(label).flatMap(({ materials, patch, insulationM2KPerW, spreadM2KPerW }): GramReading[] =>
    materials.flatMap(({ material }): GramReading[] =>
      isGrams(material)
        ? [
            {
              materialKind: material.kind,
              massGPerM2: material.massGPerM2,
              patch,
              insulationM2KPerW,
              spreadM2KPerW,
            },
          ]
        : [],
    ),
  );
  return found.reduce<GramReading | null>(
    (most, reading) => (most === null || reading.massGPerM2 > most.massGPerM2 ? reading : most),
    null,
  );
}
