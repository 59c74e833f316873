import { SEGMENT_NODES, type Body } from "../../body";
import {
  DIGIT_CONDUCTION_W_PER_M2K,
  DIGIT_COUNT,
  DIGIT_NATURE,
  DIGIT_PLACE,
  DIGIT_SEGMENT,
  digitBloodExchange,
  DIGITS,
  NOSE,
  type FlowFactor,
} from "../../digits";
import type { Conditions } from "../conditions";
import type { OutingExchange } from "../outing-exchange";
import { DigitState } from "./digit-state";
import { DigitSupplies } from "./digit-supplies";
import { StoredHeat } from "./stored-heat";

const ARTERY = Int32Array.from(DIGIT_SEGMENT, (segment) => SEGMENT_NODES[segment]!.artery);
const NATURE = DIGITS.map((digit) => DIGIT_NATURE[DIGIT_PLACE[digit].kind]);
const PER_CAPACITY = Float64Array.from(NATURE, ({ capacityJPerM2K }) => 1 / capacityJPerM2K);
const SKIN = Int32Array.from(DIGIT_SEGMENT, (segment) => SEGMENT_NODES[segment]!.skin);

/** Nothing stores: a digit meets its surroundings through all that is worn. */
const NO_STORES = new Float64Array(DIGIT_COUNT).fill(1);
const NO_HEAT = new Float64Array(DIGIT_COUNT);

/**
 * Temperatures of the digits, and the heat they drew from the body in the step just made.
 * @source outing mode, change 2 (docs/method.md)
 */
export class DigitTissue {
  readonly state = new DigitState();
  /** What each digit lost outwards in the step just made, W/m², by the order of DIGITS. */
  readonly lostWPerM2 = new Float64Array(DIGIT_COUNT);
  /** What is worn over fingers and toes, as warm as it is. */
  readonly stored = new StoredHeat();

  private readonly body: Body;
  private readonly drawnAreaM2: Float64Array;
  private readonly broughtWPerM2 = new Float64Array(DIGIT_COUNT);
  private mostErrorK = 0;
  /** Digits before the step, then halfway through it. */
  private readonly beforeC = new Float64Array(DIGIT_COUNT);
  private readonly supplies: DigitSupplies;

  /** Starts every digit at the skin of its segment. */
  constructor(body: Body, flowFactor: FlowFactor) {
    this.body = body;
    this.supplies = new DigitSupplies(body, flowFactor);
    const { skinAreaM2 } = body.parameters;
    this.drawnAreaM2 = Float64Array.from(
      DIGITS,
      (digit, index) => DIGIT_PLACE[digit].shareDrawn * skinAreaM2[DIGIT_SEGMENT[index]!]!,
    );
    DIGIT_SEGMENT.forEach((segment, digit) => {
      this.state.temperatureC[digit] = body.temperatureC[SEGMENT_NODES[segment]!.skin]!;
    });
  }

  /** After a change: what was drawn and what flowed before tells nothing of what comes. */
  resetHistory(): void {
    this.state.stepS = 0;
  }

  /** Fingers and toes after so long in water: towards its temperature through what is worn, nothing drawn meanwhile. */
  immerse(seconds: number, waterC: number, wornM2KPerW: number): void {
    const { temperatureC } = this.state;
    DIGITS.forEach((digit, index) => {
      if (DIGIT_PLACE[digit].shareDrawn === 0) return; // the head stays above water
      const kept = Math.exp((-seconds * PER_CAPACITY[index]!) / wornM2KPerW);
      temperatureC[index] = waterC + (temperatureC[index]! - waterC) * kept;
    });
  }

  /**
   * Charges the body with what is drawn from it, so that energy closes: what was drawn last, or, when two steps are
   * known, what will be drawn at the end of the step if it goes on so.
   */
  chargeBody(stepS: number): void {
    const { body, state } = this;
    const bothS = state.stepBeforeS + state.stepS;
    const further = state.stepBeforeS > 0 && state.stepS > 0 ? (state.stepS + 2 * stepS) / bothS : 0;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const fromArteryW = state.drawnFromArteryW[digit]!;
      const fromSkinW = state.drawnFromSkinW[digit]!;
      body.addHeat(ARTERY[digit]!, -(fromArteryW + further * (fromArteryW - state.drawnBeforeFromArteryW[digit]!)));
      body.addHeat(SKIN[digit]!, -(fromSkinW + further * (fromSkinW - state.drawnBeforeFromSkinW[digit]!)));
    }
  }

  /**
   * Advances through a step of the body just made, on its temperatures and blood flows along the step.
   * @param breathWPerM2 what breath in a cloth over the mouth brings to the nose
   */
  advance(exchange: OutingExchange, at: Conditions, stepS: number, breathWPerM2 = 0): void {
    const { state } = this;
    this.supplies.follow(state, at);
    const { digitsM2KPerW, digitSurroundingsC } = exchange;
    const broughtWPerM2 = this.broughtTo(at, breathWPerM2);
    if (at.stores === null) this.stepAll(exchange, NO_STORES, broughtWPerM2, stepS);
    else {
      const { stored, beforeC } = this;
      stored.lookHalfway(at.stores, digitSurroundingsC, digitsM2KPerW, stepS);
      beforeC.set(state.temperatureC);
      this.stepAll(exchange, at.stores.insideShare, broughtWPerM2, stepS);
      for (let digit = 0; digit < DIGIT_COUNT; digit++) {
        beforeC[digit] = (beforeC[digit]! + state.temperatureC[digit]!) / 2;
      }
      stored.advance(at.stores, beforeC, digitSurroundingsC, digitsM2KPerW, stepS);
    }
    state.stepBeforeS = state.stepS;
    state.stepS = stepS;
  }

  /** What packs and breath bring to each digit, W/m². */
  private broughtTo({ broughtHeat }: Conditions, breathWPerM2: number): Float64Array {
    const ofPacks = broughtHeat?.digitsWPerM2 ?? NO_HEAT;
    if (breathWPerM2 === 0) return ofPacks;
    const { broughtWPerM2 } = this;
    broughtWPerM2.set(ofPacks);
    broughtWPerM2[NOSE] = ofPacks[NOSE]! + breathWPerM2;
    return broughtWPerM2;
  }

  /** As of the body: how far the step just made led from where the one before pointed, at most, K. */
  get stepErrorK(): number {
    return this.mostErrorK;
  }

  /**
   * The exchanges as they are halfway, towards the temperature at which they are in balance. Of second order, and stable
   * however fast blood flows; what is drawn is what the digit gains and loses, so that energy closes.
   */
  private stepAll(
    exchange: OutingExchange,
    insideShare: Float64Array,
    broughtWPerM2: Float64Array,
    stepS: number,
  ): void {
    const { drawnAreaM2, state } = this;
    const { supplies } = this.supplies;
    const { drawnFromArteryW, drawnFromSkinW, riseK: rises, temperatureC: digitsC } = state;
    const ratio = state.stepS > 0 ? stepS / state.stepS : 0;
    let mostErrorK = 0;
    const { digitSurroundingsC, digitsM2KPerW } = exchange;
    const { temperatureC: bodyC, past } = this.body;
    const pastC = past.temperatureC;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const supply = supplies[digit]!;
      const artery = ARTERY[digit]!;
      const skin = SKIN[digit]!;
      const arteryC = (bodyC[artery]! + pastC[artery]!) / 2;
      const skinC = (bodyC[skin]! + pastC[skin]!) / 2;
      const inside = insideShare[digit]!;
      const stores = inside < 1;
      const conductance = (stores ? this.stored.kept[digit]! : 1) / (digitsM2KPerW[digit]! * inside);
      const meetsC = stores ? this.stored.meetsC[digit]! : digitSurroundingsC[digit]!;
      const besideW = DIGIT_CONDUCTION_W_PER_M2K * skinC + conductance * meetsC + broughtWPerM2[digit]!;
      const besideWPerK = DIGIT_CONDUCTION_W_PER_M2K + conductance;
      const perCapacity = stepS * PER_CAPACITY[digit]!;
      const digitC = digitsC[digit]!;
      const bloodNow = digitBloodExchange(supply, digitC);
      const nowWPerK = bloodNow + besideWPerK;
      const halfC =
        digitC + ((bloodNow * arteryC + besideW) / nowWPerK - digitC) * approach(0.5 * nowWPerK * perCapacity);
      const blood = digitBloodExchange(supply, halfC);
      const allWPerK = blood + besideWPerK;
      const balanceC = (blood * arteryC + besideW) / allWPerK;
      const riseK = (balanceC - digitC) * approach(allWPerK * perCapacity);
      const meanC = balanceC - riseK / (allWPerK * perCapacity);
      this.lostWPerM2[digit] = conductance * (meanC - meetsC);
      mostErrorK = Math.max(mostErrorK, Math.abs(riseK - ratio * rises[digit]!));
      rises[digit] = riseK;
      state.drawnBeforeFromArteryW[digit] = drawnFromArteryW[digit]!;
      state.drawnBeforeFromSkinW[digit] = drawnFromSkinW[digit]!;
      drawnFromArteryW[digit] = drawnAreaM2[digit]! * blood * (arteryC - meanC);
      drawnFromSkinW[digit] = drawnAreaM2[digit]! * DIGIT_CONDUCTION_W_PER_M2K * (skinC - meanC);
      digitsC[digit] = digitC + riseK;
    }
    this.mostErrorK = mostErrorK;
  }
}

/** Share of the way to balance that is gone in a step of so many time constants: 1 − e^−z to second order, never over 1. */
const approach = (z: number): number => 1 - 1 / (1 + z + 0.5 * z * z);
