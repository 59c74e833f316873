import { readLabel, type Label } from "../labels";
import { isDigitPatch, SITES } from "../patches";
import { CELLS_PER_PIECE } from "../water";

/** What is wrung out by hand keeps so much of its own mass of water (assumption; a spin drier would leave about half). */
const WRUNG_OUT_SHARE = 1;

/** Water in a piece that was washed and wrung out, g/m² of skin by segment, as its cloth lies over each. */
export function wrungOutGPerM2(label: Label): number[] {
  const readings = readLabel(label);
  const bySegment = new Array<number>(CELLS_PER_PIECE).fill(0);
  for (const { patch, side, segmentIndex } of SITES) {
    if (isDigitPatch(patch) || patch === "face") continue;
    const over = readings.filter(
      (own) => own.patch === patch && (side === null || own.side === "both" || own.side === side),
    );
    const cloth = over.reduce(
      (sum, { layers, coverShare }) =>
        sum + coverShare * layers.reduce((total, { absorbingGPerM2 = 0 }) => total + absorbingGPerM2, 0),
      0,
    );
    bySegment[segmentIndex] = Math.max(bySegment[segmentIndex]!, WRUNG_OUT_SHARE * cloth);
  }
  return bySegment;
}
