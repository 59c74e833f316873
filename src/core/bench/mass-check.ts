import { bodyParameters, type BodyPerson } from "../body";
import { CLOTH_PER_SKIN } from "../care";
import type { Label } from "../labels";
import { SITES } from "../patches";

/** A mass so far off says that one of both figures is another thing's (assumption). */
const OFF_FROM = 0.4;

/** What a whole-knit piece ought to weigh by its printed grams, beside what it weighs. */
export type MassCheck = {
  readonly expectedG: number;
  /** What its mass says of its cloth, g/m². */
  readonly massGPerM2: number;
  readonly isOff: boolean;
};

/**
 * Sets the mass of a piece that is one knit throughout beside its printed grams.
 * @param body for the size
 * @returns `null` where it holds anything else: then grams of one panel say nothing of the whole
 */
export function massCheck(label: Label, massG: number, body: BodyPerson): MassCheck | null {
  if (label.kind === "explicit") return null;
  const { skinAreaM2 } = bodyParameters(body);
  let expectedG = 0;
  let clothM2 = 0;
  for (const { patches, materials, coverShare = 1 } of label.panels) {
    const [only] = materials;
    if (materials.length !== 1 || only!.kind !== "knit") return null;
    const skinM2 = SITES.reduce(
      (total, { patch, segmentIndex, share }) =>
        total + (patches.includes(patch) ? share * skinAreaM2[segmentIndex]! : 0),
      0,
    );
    clothM2 += skinM2 * coverShare * CLOTH_PER_SKIN;
    expectedG += skinM2 * coverShare * CLOTH_PER_SKIN * only!.massGPerM2;
  }
  return { expectedG, massGPerM2: massG / clothM2, isOff: Math.abs(massG / expectedG - 1) > OFF_FROM };
}
