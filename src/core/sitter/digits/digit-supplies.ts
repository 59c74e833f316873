import { SEGMENT_NODES, trunkCoreC, type Body } from "../../body";
import {
  createDigitSupply,
  DIGIT_COUNT,
  DIGIT_NATURE,
  DIGIT_PLACE,
  DIGIT_SEGMENT,
  DIGITS,
  flowFactorOf,
  supplyDigit,
  type FlowFactor,
} from "../../digits";
import type { Conditions } from "../conditions";
import type { DigitState } from "./digit-state";

const SEGMENT = Int32Array.from(DIGIT_SEGMENT);
const SKIN = Int32Array.from(DIGIT_SEGMENT, (segment) => SEGMENT_NODES[segment]!.skin);
const NATURE = DIGITS.map((digit) => DIGIT_NATURE[DIGIT_PLACE[digit].kind]);

/** The blood that reaches each digit, halfway through a step of the body. */
export class DigitSupplies {
  readonly supplies = DIGITS.map(createDigitSupply);
  private readonly flowFactor: Float64Array;
  private readonly blood = {
    skinFlowLPerH: 0,
    anastomosesFlowLPerH: 0,
    segmentSkinC: 0,
    segmentAreaM2: 0,
    trunkFallK: 0,
    activityRatio: 1,
  };

  constructor(
    private readonly body: Body,
    flowFactor: FlowFactor,
  ) {
    this.flowFactor = Float64Array.from(DIGITS, (digit) => flowFactorOf(digit, flowFactor));
  }

  /** Takes the supplies of a step just made, and notes its flows for the next. */
  follow(state: DigitState, { activityRatio, outfit }: Conditions): void {
    const { body, blood, supplies } = this;
    const { past, temperatureC } = body;
    const { skin, anastomoses } = body.flows;
    blood.trunkFallK = body.trunkStartC - (trunkCoreC(temperatureC) + trunkCoreC(past.temperatureC)) / 2;
    blood.activityRatio = activityRatio;
    const { skinFlowLPerH, anastomosesFlowLPerH, stepS } = state;
    const knowsBefore = stepS > 0;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const segment = SEGMENT[digit]!;
      const node = SKIN[digit]!;
      const skinLPerH = skin[segment]!;
      const shortCutLPerH = anastomoses[segment]!;
      blood.skinFlowLPerH = knowsBefore ? (skinFlowLPerH[digit]! + skinLPerH) / 2 : skinLPerH;
      blood.anastomosesFlowLPerH = knowsBefore ? (anastomosesFlowLPerH[digit]! + shortCutLPerH) / 2 : shortCutLPerH;
      blood.segmentSkinC = (temperatureC[node]! + past.temperatureC[node]!) / 2;
      blood.segmentAreaM2 = body.parameters.skinAreaM2[segment]!;
      supplyDigit(supplies[digit]!, NATURE[digit]!, blood, this.flowFactor[digit]! * outfit.digitFlow[digit]!);
      skinFlowLPerH[digit] = skinLPerH;
      anastomosesFlowLPerH[digit] = shortCutLPerH;
    }
  }
}
