import { SEGMENT_NODES, trunkCoreC, type Body } from "../body";
import {
  createDigitSupply,
  DIGIT_CONDUCTION_W_PER_M2K,
  DIGIT_COUNT,
  DIGIT_NATURE,
  DIGIT_PLACE,
  DIGIT_SEGMENT,
  digitBloodExchange,
  DIGITS,
  supplyDigit,
} from "../digits";
import type { Conditions } from "./conditions";
import type { OutingExchange } from "./outing-exchange";

/** Midpoint steps of the digits inside one step of the body; twice as many move none by 0.05 K (sitter.test.ts). */
export const DIGIT_SUBSTEPS = 2;

const SEGMENT = Int32Array.from(DIGIT_SEGMENT);
const ARTERY = Int32Array.from(DIGIT_SEGMENT, (segment) => SEGMENT_NODES[segment]!.artery);
const NATURE = DIGITS.map((digit) => DIGIT_NATURE[DIGIT_PLACE[digit].kind]);
const PER_CAPACITY = Float64Array.from(NATURE, ({ capacityJPerM2K }) => 1 / capacityJPerM2K);
const SKIN = Int32Array.from(DIGIT_SEGMENT, (segment) => SEGMENT_NODES[segment]!.skin);

/**
 * Temperatures of the digits, and the heat they drew from the body in the step just made.
 * @source outing mode, change 2 (docs/method.md)
 */
export class DigitTissue {
  /** By the order of DIGITS, °C. */
  readonly temperatureC = new Float64Array(DIGIT_COUNT);
  /** What each digit drew from its artery and from its segment's skin in the step just made, W. */
  readonly drawnFromArteryW = new Float64Array(DIGIT_COUNT);
  readonly drawnFromSkinW = new Float64Array(DIGIT_COUNT);

  private readonly body: Body;
  private readonly flowFactor: number;
  private readonly substeps: number;
  private readonly drawnAreaM2: Float64Array;
  private readonly supplies = DIGITS.map(createDigitSupply);
  private readonly bloodSum = new Float64Array(DIGIT_COUNT);
  private readonly skinSum = new Float64Array(DIGIT_COUNT);
  private readonly blood = {
    skinFlowLPerH: 0,
    anastomosesFlowLPerH: 0,
    segmentSkinC: 0,
    segmentAreaM2: 0,
    trunkC: 0,
    activityRatio: 1,
  };

  /** Starts every digit at the skin of its segment. */
  constructor(body: Body, flowFactor: number, substeps: number) {
    this.body = body;
    this.flowFactor = flowFactor;
    this.substeps = substeps;
    const { skinAreaM2 } = body.parameters;
    this.drawnAreaM2 = Float64Array.from(
      DIGITS,
      (digit, index) => DIGIT_PLACE[digit].shareDrawn * skinAreaM2[DIGIT_SEGMENT[index]!]!,
    );
    DIGIT_SEGMENT.forEach((segment, digit) => {
      this.temperatureC[digit] = body.temperatureC[SEGMENT_NODES[segment]!.skin]!;
    });
  }

  /** Charges the body with what was drawn from it, so that energy closes. */
  chargeBody(): void {
    const { body, drawnFromArteryW, drawnFromSkinW } = this;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      body.addHeat(ARTERY[digit]!, -drawnFromArteryW[digit]!);
      body.addHeat(SKIN[digit]!, -drawnFromSkinW[digit]!);
    }
  }

  /** Advances on the body's temperatures as they stand and the blood flows of the step just made. */
  advance(exchange: OutingExchange, at: Conditions, stepS: number): void {
    this.supplyAll(at);
    this.bloodSum.fill(0);
    this.skinSum.fill(0);
    // Digits within a substep, not substeps within a digit: digits do not wait for each other, and the processor works
    // on several at once.
    for (let substep = 0; substep < this.substeps; substep++) this.substep(exchange, stepS / this.substeps);
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const shareM2 = this.drawnAreaM2[digit]! / this.substeps;
      this.drawnFromArteryW[digit] = this.bloodSum[digit]! * shareM2;
      this.drawnFromSkinW[digit] = this.skinSum[digit]! * shareM2;
    }
  }

  private supplyAll({ activityRatio, outfit }: Conditions): void {
    const { body, blood, supplies } = this;
    blood.trunkC = trunkCoreC(body.temperatureC);
    blood.activityRatio = activityRatio;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const segment = SEGMENT[digit]!;
      blood.skinFlowLPerH = body.flows.skin[segment]!;
      blood.anastomosesFlowLPerH = body.flows.anastomoses[segment]!;
      blood.segmentSkinC = body.temperatureC[SKIN[digit]!]!;
      blood.segmentAreaM2 = body.parameters.skinAreaM2[segment]!;
      supplyDigit(supplies[digit]!, NATURE[digit]!, blood, this.flowFactor * outfit.digitFlow[digit]!);
    }
  }

  /** One midpoint step. */
  private substep(exchange: OutingExchange, substepS: number): void {
    const { supplies, temperatureC, bloodSum, skinSum } = this;
    const { digitSurroundingsC, digitsM2KPerW } = exchange;
    const bodyC = this.body.temperatureC;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const supply = supplies[digit]!;
      const arteryC = bodyC[ARTERY[digit]!]!;
      const skinC = bodyC[SKIN[digit]!]!;
      const surroundingsC = digitSurroundingsC[digit]!;
      const conductance = 1 / digitsM2KPerW[digit]!;
      const perCapacity = substepS * PER_CAPACITY[digit]!;
      const digitC = temperatureC[digit]!;
      const gain =
        digitBloodExchange(supply, digitC) * (arteryC - digitC) +
        DIGIT_CONDUCTION_W_PER_M2K * (skinC - digitC) -
        (digitC - surroundingsC) * conductance;
      const halfwayC = digitC + gain * perCapacity * 0.5;
      const byBlood = digitBloodExchange(supply, halfwayC) * (arteryC - halfwayC);
      const bySkin = DIGIT_CONDUCTION_W_PER_M2K * (skinC - halfwayC);
      bloodSum[digit] = bloodSum[digit]! + byBlood;
      skinSum[digit] = skinSum[digit]! + bySkin;
      temperatureC[digit] = digitC + (byBlood + bySkin - (halfwayC - surroundingsC) * conductance) * perCapacity;
    }
  }
}
