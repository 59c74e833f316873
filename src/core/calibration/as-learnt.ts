import { TRAITS, wornKeys, type Outing, type PersonTraits, type Worn } from "../outing";
import { byChance, personAs, type Chance } from "../range";
import { natureOf, outfitResolverOf, type LabelErrors, type SimulationOptions } from "../simulation";
import { restedPerson, type RestedPerson } from "../sitter";

/** An outing that is simulated again and again, for a person and clothes that are other than read. */
export class OutingAsLearnt {
  private readonly outing: Outing;
  private readonly rested: RestedPerson;
  private readonly labelErrors: LabelErrors;

  /**
   * @param outing what it says was learnt does not count
   * @throws {CoreError} as `simulateOuting` does
   */
  constructor(outing: Outing) {
    const { learnt: _learnt, ...person } = outing.person;
    this.outing = { ...outing, person };
    this.rested = restedPerson(person.body, outing.start, natureOf(person).basalHeatFactor);
    this.labelErrors = { resolver: outfitResolverOf(this.outing) };
  }

  /** What to simulate, and how. */
  as(traits: PersonTraits, worn: Worn, chance: Chance): [Outing, SimulationOptions] {
    const { boots, outfit } = wornKeys(this.outing);
    const person = personAs(this.outing, {
      unknowns: [
        ...TRAITS.map((trait) => ({ kind: "trait", trait }) as const),
        { kind: "boots", key: boots ?? "" },
        { kind: "outfit", key: outfit },
      ],
      mode: [...TRAITS.map((trait) => traits[trait]), worn.lnBoots, worn.lnOutfit],
    });
    return [byChance(person, chance), { rested: this.rested, labelErrors: this.labelErrors }];
  }
}
