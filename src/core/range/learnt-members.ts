import type { Layer } from "../clothing";
import { readLabel } from "../labels";
import { wornAsLearnt, wornKeys, type Learnt, type Outing, type Trait } from "../outing";
import { knownFor, personAs, personAt } from "./drawn-from";
import { SPREAD, type Variation } from "./variation";
import { varyOuting } from "./vary-outing";

/**
 * How far a variation of people in general lies from the usual in what notes can teach, in standard deviations. What people
 * call cold, and bear, is not spread in the range of people in general, and so here neither: it moves as far as it was learnt.
 */
const DEVIATION: Readonly<Record<Trait, (variation: Variation) => number>> = {
  sittingHeatWPerM2: ({ stillHeatFactor }) => (stillHeatFactor - 1) / SPREAD.stillHeat,
  lnFlowFingers: ({ nature }) => (nature.flowFactor.fingers - 1) / SPREAD.digitFlow,
  lnFlowToes: ({ nature }) => (nature.flowFactor.toes - 1) / SPREAD.digitFlow,
  feltToesK: () => 0,
  feltFingersK: () => 0,
  lnTolerance: () => 0,
};

/**
 * Members of the range of somebody notes are known of: the same variations as of people in general, but what notes taught
 * stands in for what is spread there: moved to where it most likely is, and as narrow, and as bound together, as it was
 * learnt. Notes that teach nothing leave the range as it is.
 */
export class LearntMembers {
  private readonly known: Learnt;
  private readonly boots: string | null;
  private readonly bootLayers = new Set<Layer>();

  private constructor(
    private readonly outing: Outing,
    learnt: Learnt,
  ) {
    this.known = knownFor(learnt, outing);
    this.boots = wornKeys(outing).boots;
    for (const { kind, label } of outing.pieces) {
      if (kind !== "footwear") continue;
      for (const { layers } of readLabel(label)) layers.forEach((layer) => this.bootLayers.add(layer));
    }
  }

  /** @returns `null` where nothing was learnt: the range is then that of people in general */
  static of(outing: Outing): LearntMembers | null {
    const { learnt } = outing.person;
    return learnt ? new LearntMembers(outing, learnt) : null;
  }

  /** A member of the range by a variation of people in general. */
  member(variation: Variation): {
    readonly outing: Outing;
    /** What its cloth insulates over what is read. */
    readonly cloth: (layer: Layer) => number;
  } {
    const { unknowns } = this.known;
    const cloth = (variation.clothFactor - 1) / SPREAD.cloth;
    const boots = variation.labelDeviation.get(this.boots ?? "") ?? 0;
    const point = personAt(
      this.known,
      unknowns.map((own) =>
        own.kind === "trait" ? DEVIATION[own.trait](variation) : own.kind === "boots" ? boots : cloth,
      ),
    );
    const { lnBoots, lnOutfit } = wornAsLearnt(point, this.outing);
    const [ofBoots, ofOthers] = [Math.exp(lnBoots), Math.exp(lnOutfit)];
    return {
      outing: varyOuting(personAs(this.outing, point), { ...variation, stillHeatFactor: 1 }),
      cloth: (layer) => (this.bootLayers.has(layer) ? ofBoots : ofOthers),
    };
  }
}
