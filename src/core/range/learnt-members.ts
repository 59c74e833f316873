import { seededRandom, type RandomStream } from "../numeric";
import type { Outing } from "../outing";
import { byChance, drawnChance, drawnFrom, personAs, type Point } from "./drawn-from";

type LearntMember = { readonly outing: Outing; readonly minutesFactor: number };

/** Members of the range of somebody notes are known of: who they and their clothes may be, and each outing's chances. */
export class LearntMembers {
  private readonly drawn: LearntMember[] = [];
  private readonly random: RandomStream;

  private constructor(
    private readonly outing: Outing,
    private readonly draw: (random: RandomStream) => Point,
    seed: number,
  ) {
    this.random = seededRandom(seed);
  }

  /** @returns `null` where nothing was learnt: the range is then that of people in general */
  static of(outing: Outing, seed: number): LearntMembers | null {
    const { learnt } = outing.person;
    return learnt ? new LearntMembers(outing, drawnFrom(learnt, outing), seed) : null;
  }

  /** Members draw in turn from one stream, whatever the order they are asked in. */
  member(member: number): LearntMember {
    while (this.drawn.length <= member) {
      const person = this.draw(this.random);
      const { lnModel, ...chance } = drawnChance(this.random);
      this.drawn.push({ outing: byChance(personAs(this.outing, person), chance), minutesFactor: Math.exp(lnModel) });
    }
    return this.drawn[member]!;
  }
}
