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
import type { OutingExchange } from "./outing-exchange";

/** Midpoint steps inside one step of the body: fingers change within two minutes, a face is only watched. */
const SUBSTEPS_DRAWING = 2; // within 0.1 K of steps of 5 s
const SUBSTEPS_WATCHED = 1;

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
  private readonly natures = DIGITS.map((digit) => DIGIT_NATURE[DIGIT_PLACE[digit].kind]);
  private readonly drawnAreaM2: Float64Array;
  private readonly supply = createDigitSupply();
  private readonly blood = {
    skinFlowLPerH: 0,
    anastomosesFlowLPerH: 0,
    segmentSkinC: 0,
    segmentAreaM2: 0,
    trunkC: 0,
    activityRatio: 1,
  };

  /** Starts every digit at the skin of its segment. */
  constructor(body: Body, flowFactor: number) {
    this.body = body;
    this.flowFactor = flowFactor;
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
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const nodes = SEGMENT_NODES[DIGIT_SEGMENT[digit]!]!;
      this.body.addHeat(nodes.artery, -this.drawnFromArteryW[digit]!);
      this.body.addHeat(nodes.skin, -this.drawnFromSkinW[digit]!);
    }
  }

  /** Advances on the body's temperatures as they stand and the blood flows of the step just made. */
  advance(exchange: OutingExchange, activityRatio: number, stepS: number): void {
    this.blood.trunkC = trunkCoreC(this.body.temperatureC);
    this.blood.activityRatio = activityRatio;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) this.advanceOne(digit, exchange, stepS);
  }

  private advanceOne(digit: number, exchange: OutingExchange, stepS: number): void {
    const { body, supply, blood, temperatureC } = this;
    const segment = DIGIT_SEGMENT[digit]!;
    const nodes = SEGMENT_NODES[segment]!;
    const nature = this.natures[digit]!;
    const drawnAreaM2 = this.drawnAreaM2[digit]!;
    const arteryC = body.temperatureC[nodes.artery]!;
    const skinC = body.temperatureC[nodes.skin]!;
    const surroundingsC = exchange.digitSurroundingsC[digit]!;
    const conductance = 1 / exchange.digitsM2KPerW[digit]!;
    blood.skinFlowLPerH = body.flows.skin[segment]!;
    blood.anastomosesFlowLPerH = body.flows.anastomoses[segment]!;
    blood.segmentSkinC = skinC;
    blood.segmentAreaM2 = body.parameters.skinAreaM2[segment]!;
    supplyDigit(supply, nature, blood, this.flowFactor);
    const substeps = drawnAreaM2 > 0 ? SUBSTEPS_DRAWING : SUBSTEPS_WATCHED;
    const perCapacity = stepS / substeps / nature.capacityJPerM2K;
    let digitC = temperatureC[digit]!;
    let bloodSum = 0;
    let skinSum = 0;
    for (let substep = 0; substep < substeps; substep++) {
      const gain =
        digitBloodExchange(supply, digitC) * (arteryC - digitC) +
        DIGIT_CONDUCTION_W_PER_M2K * (skinC - digitC) -
        (digitC - surroundingsC) * conductance;
      const halfwayC = digitC + (gain * perCapacity) / 2;
      const byBlood = digitBloodExchange(supply, halfwayC) * (arteryC - halfwayC);
      const bySkin = DIGIT_CONDUCTION_W_PER_M2K * (skinC - halfwayC);
      bloodSum += byBlood;
      skinSum += bySkin;
      digitC += (byBlood + bySkin - (halfwayC - surroundingsC) * conductance) * perCapacity;
    }
    temperatureC[digit] = digitC;
    this.drawnFromArteryW[digit] = (bloodSum / substeps) * drawnAreaM2;
    this.drawnFromSkinW[digit] = (skinSum / substeps) * drawnAreaM2;
  }
}
