import type { Layer } from "../clothing";
import { readLabel } from "../labels";
import { natureOf, outfitResolverOf, type LabelErrors, type SimulationOptions } from "../simulation";
import type { Outing } from "../outing";
import { varyOuting } from "../range";
import { restedPerson, type RestedPerson } from "../sitter";
import { feltAt } from "./felt-levels";
import type { Chance, PersonTraits, Worn } from "./unknowns";

/** An outing that is simulated again and again, for a person and clothes that are other than read. */
export class OutingAsLearnt {
  private readonly outing: Outing;
  private readonly rested: RestedPerson;
  private readonly resolver: LabelErrors["resolver"];
  private readonly bootLayers = new Set<Layer>();

  /** @throws {CoreError} as `simulateOuting` does */
  constructor(outing: Outing) {
    // Labels of their own: each piece's layers are then its alone.
    const pieces = outing.pieces.map((piece) => ({ ...piece, label: { ...piece.label } }));
    this.outing = { ...outing, pieces };
    this.rested = restedPerson(outing.person.body, outing.start, natureOf(outing.person).basalHeatFactor);
    this.resolver = outfitResolverOf(this.outing);
    for (const { kind, label } of pieces) {
      if (kind !== "footwear") continue;
      for (const { layers } of readLabel(label)) for (const layer of layers) this.bootLayers.add(layer);
    }
  }

  /** What to simulate, and how. */
  as(traits: PersonTraits, worn: Worn, chance: Chance): [Outing, SimulationOptions] {
    const [boots, others] = [Math.exp(worn.lnBoots), Math.exp(worn.lnOutfit)];
    const own = natureOf(this.outing.person);
    const options: SimulationOptions = {
      rested: this.rested,
      nature: {
        ...own,
        flowFactor: {
          ...own.flowFactor,
          fingers: own.flowFactor.fingers * Math.exp(traits.lnFlowFingers),
          toes: own.flowFactor.toes * Math.exp(traits.lnFlowToes),
        },
      },
      labelErrors: {
        resolver: this.resolver,
        misfit: { cloth: (layer) => (this.bootLayers.has(layer) ? boots : others), gaps: 1 },
      },
      feltAt: feltAt(traits),
    };
    return [this.changed(traits, chance), options];
  }

  private changed({ sittingHeatWPerM2 }: PersonTraits, { lnWalkEffort, lnWind, airK }: Chance): Outing {
    const { basalHeatW, surfaceM2 } = this.rested.resting.parameters;
    const basalWPerM2 = basalHeatW / surfaceM2;
    return varyOuting(this.outing, {
      airOffsetK: airK,
      windFactor: Math.exp(lnWind),
      walkEffortFactor: Math.exp(lnWalkEffort),
      stillHeatFactor: ({ activityRatio }) => 1 + sittingHeatWPerM2 / (basalWPerM2 * Math.max(1, activityRatio)),
    });
  }
}
