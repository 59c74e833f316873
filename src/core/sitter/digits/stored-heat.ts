import { DIGIT_COUNT } from "../../digits";

/** Specific heat of cloth, leather, rubber and felt, J/(kg·K) (usual textbook values lie about it, assumption). */
export const WORN_J_PER_KG_K = 1500;

/** What is worn over fingers and toes as a store of heat; arrays by the order of DIGITS, 0 where nothing stores. */
export type StorePlan = {
  /** By digit: capacity of each piece by its place in the outing, J per K and m² of digit skin. */
  readonly pieces: readonly ReadonlyMap<number, number>[];
  readonly capacityJPerM2K: Float64Array;
  /** Share of the resistance between digit and surroundings that lies inside of the store. */
  readonly insideShare: Float64Array;
};

/**
 * How fast what was taken off loses the warmth it had, s: about its own capacity through its own cloth, open to the air at
 * one end (assumption). A mitt off for a minute goes on again nearly as warm.
 */
const ASIDE_TIME_CONSTANT_S = 600;

/** A piece taken off, as warm as it was then. */
type Aside = { readonly temperatureC: number; readonly sinceS: number };

const NOTHING_ASIDE: ReadonlyMap<number, Aside> = new Map();
const asideKey = (index: number, digit: number): number => index * DIGIT_COUNT + digit;

/** Temperatures of what is worn over the digits, °C. */
export class StoredHeat {
  readonly temperatureC = new Float64Array(DIGIT_COUNT);
  /** What the digits meet halfway through the step being made, and through how much of the conductance to it. */
  readonly meetsC = new Float64Array(DIGIT_COUNT);
  readonly kept = new Float64Array(DIGIT_COUNT);
  private plan: StorePlan | null = null;
  /** What was taken off, by `asideKey`; never changed in place, so that copies may share it. */
  private aside = NOTHING_ASIDE;
  private elapsedS = 0;

  copy(other: StoredHeat): void {
    this.temperatureC.set(other.temperatureC);
    this.plan = other.plan;
    this.aside = other.aside;
    this.elapsedS = other.elapsedS;
  }

  /** Time goes on, also for what is not worn. */
  pass(stepS: number): void {
    this.elapsedS += stepS;
  }

  /**
   * Puts on what a plan wears: what was on keeps its temperature, what was taken off for a while most of it, and what
   * comes new has that of where it was.
   * @param newC temperature of what comes new, °C: of the room at the start, of the air later
   */
  putOn(plan: StorePlan, newC: number): void {
    if (plan === this.plan) return;
    const { aside } = this;
    this.layAside(plan);
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const before = this.plan?.pieces[digit];
      const all = plan.capacityJPerM2K[digit]!;
      const wornC = this.temperatureC[digit]!;
      let aboveNew = 0;
      for (const [place, capacity] of plan.pieces[digit]!) {
        if (before?.has(place)) aboveNew += capacity * (wornC - newC);
        else aboveNew += capacity * this.keptAside(aside.get(asideKey(place, digit)), newC);
      }
      this.temperatureC[digit] = all > 0 ? newC + aboveNew / all : newC;
    }
    this.plan = plan;
  }

  /** Remembers how warm the pieces are that a plan no longer wears. */
  private layAside(plan: StorePlan): void {
    if (this.plan === null) return;
    const aside = new Map(this.aside);
    this.plan.pieces.forEach((pieces, digit) => {
      const now = plan.pieces[digit]!;
      for (const index of pieces.keys()) {
        if (now.has(index)) continue;
        aside.set(asideKey(index, digit), { temperatureC: this.temperatureC[digit]!, sinceS: this.elapsedS });
      }
    });
    this.aside = aside;
  }

  /** How much warmer than its surroundings a piece still is that was taken off, K. */
  private keptAside(off: Aside | undefined, aroundC: number): number {
    if (!off) return 0;
    return (off.temperatureC - aroundC) * Math.exp((off.sinceS - this.elapsedS) / ASIDE_TIME_CONSTANT_S);
  }

  /**
   * Foresees what the digits meet halfway through a step, as it depends on them: towards `meetsC`, through `kept` of the
   * conductance to the store, which goes along with the digit for the rest.
   */
  lookHalfway(
    { capacityJPerM2K, insideShare }: StorePlan,
    aroundC: Float64Array,
    digitsM2KPerW: Float64Array,
    stepS: number,
  ): void {
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const capacity = capacityJPerM2K[digit]!;
      this.kept[digit] = 1;
      this.meetsC[digit] = aroundC[digit]!;
      if (capacity === 0) continue;
      const inside = insideShare[digit]!;
      const all = digitsM2KPerW[digit]!;
      const [fromDigit, toAir] = [1 / (inside * all), 1 / ((1 - inside) * all)];
      const both = fromDigit + toAir;
      const gone = 1 - Math.exp((-both * stepS) / 2 / capacity);
      const along = (gone * fromDigit) / both;
      this.kept[digit] = 1 - along;
      this.meetsC[digit] =
        (this.temperatureC[digit]! * (1 - gone) + (gone * toAir * aroundC[digit]!) / both) / (1 - along);
    }
  }

  /** Advances through a step. @param digitC digits halfway through it */
  advance(
    { capacityJPerM2K, insideShare }: StorePlan,
    digitC: Float64Array,
    aroundC: Float64Array,
    digitsM2KPerW: Float64Array,
    stepS: number,
  ): void {
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const capacity = capacityJPerM2K[digit]!;
      if (capacity === 0) continue;
      const inside = insideShare[digit]!;
      const all = digitsM2KPerW[digit]!;
      const [fromDigit, toAir] = [1 / (inside * all), 1 / ((1 - inside) * all)];
      const balanceC = (fromDigit * digitC[digit]! + toAir * aroundC[digit]!) / (fromDigit + toAir);
      const gone = 1 - Math.exp((-(fromDigit + toAir) * stepS) / capacity);
      this.temperatureC[digit] = this.temperatureC[digit]! + (balanceC - this.temperatureC[digit]!) * gone;
    }
  }
}
