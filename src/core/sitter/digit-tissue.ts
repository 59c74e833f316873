import { NODE_COUNT, SEGMENT_NODES, trunkCoreC, type Body } from "../body";
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

/** Explicit steps inside one step of the body: fingers change within two minutes, a face is only watched. */
const SUBSTEPS_DRAWING = 12;
const SUBSTEPS_WATCHED = 4;

/** Temperatures of the digits, and the heat they drew from the body in the step just made. */
export type DigitTissue = {
  /** By the order of DIGITS, °C. */
  readonly temperatureC: Float64Array;
  /** Per body node, W, negative where drawn: what the body must give in its next step, so that energy closes. */
  readonly drawnW: Float64Array;
  /** Starts every digit at the skin of its segment. */
  startAtSkin(): void;
  /** Advances on the body's temperatures as they stand and the blood flows of the step just made. */
  advance(exchange: OutingExchange, activityRatio: number, stepS: number): void;
};

/** @source outing mode, change 2 (docs/method.md) */
export function createDigitTissue(body: Body): DigitTissue {
  const { skinAreaM2 } = body.parameters;
  const temperatureC = new Float64Array(DIGIT_COUNT);
  const drawnW = new Float64Array(NODE_COUNT);
  const natures = DIGITS.map((digit) => DIGIT_NATURE[DIGIT_PLACE[digit].kind]);
  const drawnAreaM2 = DIGITS.map((digit, index) => DIGIT_PLACE[digit].shareDrawn * skinAreaM2[DIGIT_SEGMENT[index]!]!);
  const supply = createDigitSupply();
  const blood = {
    skinFlowLPerH: 0,
    anastomosesFlowLPerH: 0,
    segmentSkinC: 0,
    segmentAreaM2: 0,
    trunkC: 0,
    activityRatio: 1,
  };

  function advanceOne(digit: number, exchange: OutingExchange, stepS: number): void {
    const segment = DIGIT_SEGMENT[digit]!;
    const nodes = SEGMENT_NODES[segment]!;
    const nature = natures[digit]!;
    const arteryC = body.temperatureC[nodes.artery]!;
    const skinC = body.temperatureC[nodes.skin]!;
    const conductance = 1 / exchange.digitsM2KPerW[digit]!;
    const surroundingsC = exchange.digitSurroundingsC[digit]!;
    blood.skinFlowLPerH = body.flows.skin[segment]!;
    blood.anastomosesFlowLPerH = body.flows.anastomoses[segment]!;
    blood.segmentSkinC = skinC;
    blood.segmentAreaM2 = skinAreaM2[segment]!;
    supplyDigit(supply, nature, blood);
    let digitC = temperatureC[digit]!;
    let bloodSum = 0;
    let skinSum = 0;
    const substeps = drawnAreaM2[digit]! > 0 ? SUBSTEPS_DRAWING : SUBSTEPS_WATCHED;
    const perCapacity = stepS / substeps / nature.capacityJPerM2K;
    for (let substep = 0; substep < substeps; substep++) {
      const byBlood = digitBloodExchange(supply, digitC) * (arteryC - digitC);
      const bySkin = DIGIT_CONDUCTION_W_PER_M2K * (skinC - digitC);
      bloodSum += byBlood;
      skinSum += bySkin;
      digitC += (byBlood + bySkin - (digitC - surroundingsC) * conductance) * perCapacity;
    }
    temperatureC[digit] = digitC;
    drawnW[nodes.artery]! -= (bloodSum / substeps) * drawnAreaM2[digit]!;
    drawnW[nodes.skin]! -= (skinSum / substeps) * drawnAreaM2[digit]!;
  }

  return {
    temperatureC,
    drawnW,
    startAtSkin: () => {
      DIGIT_SEGMENT.forEach((segment, digit) => {
        temperatureC[digit] = body.temperatureC[SEGMENT_NODES[segment]!.skin]!;
      });
      drawnW.fill(0);
    },
    advance: (exchange, activityRatio, stepS) => {
      drawnW.fill(0);
      blood.trunkC = trunkCoreC(body.temperatureC);
      blood.activityRatio = activityRatio;
      for (let digit = 0; digit < DIGIT_COUNT; digit++) advanceOne(digit, exchange, stepS);
    },
  };
}
