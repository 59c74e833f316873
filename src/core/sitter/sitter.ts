import {
  bodyAtRest,
  createSkinExchange,
  meanSkinC,
  NODE_COUNT,
  OUTING_BODY,
  trunkCoreC,
  type Body,
  type BodyPerson,
} from "../body";
import { SECONDS_PER_HOUR } from "../units";
import type { Conditions } from "./conditions";
import { DIGIT_SUBSTEPS, DigitTissue } from "./digit-tissue";
import { restedPerson, type IndoorStart, type RestedPerson } from "./indoor-start";
import { OutingExchange } from "./outing-exchange";

/** Step of the whole model, s. */
export const STEP_S = 60;

/** A person's body with digits, advanced a minute at a time. Read the buffers between steps; do not write. */
export type Sitter = {
  readonly body: Body;
  /** Digit temperatures by the order of DIGITS, °C. */
  readonly digitC: Float64Array;
  /** Resistances of the step just made. */
  readonly exchange: OutingExchange;
  /** Advances by a step of the model, or by another for those who ask what the step does. */
  step(conditions: Conditions, stepS?: number): void;
  trunkC(): number;
  meanSkinC(): number;
  /** Heat debt since the start outdoors, no credit for shivering, W·h per m² of skin. */
  debtWhPerM2(): number;
  shiveringWPerM2(): number;
  /** A copy of all state, to try a branch and come back. */
  save(): SitterState;
  restore(state: SitterState): void;
};

export type SitterState = {
  readonly temperatureC: Float64Array;
  readonly digitC: Float64Array;
  readonly drawnFromArteryW: Float64Array;
  readonly drawnFromSkinW: Float64Array;
  readonly shiveredJ: number;
};

/** What of the body is a person's own, or uncertain. */
export type BodilyNature = {
  /** Basal heat over what the equation gives. */
  readonly basalHeatFactor: number;
  /** Blood flow to digits over the model's. */
  readonly digitFlowFactor: number;
  /** How a warm trunk opens the anastomoses, 1/K. */
  readonly openingPerTrunkK: number;
};

/** Nobody in particular. */
export const USUAL_NATURE: BodilyNature = {
  basalHeatFactor: 1,
  digitFlowFactor: 1,
  openingPerTrunkK: OUTING_BODY.openingPerTrunkK,
};

/**
 * A person who has rested indoors and steps out.
 * @param rested the person as they step out, when already known (it depends on person, basal heat and start alone)
 * @param digitSubsteps for those who ask what the digits' step does
 * @throws {CoreError} `out-of-range` when the person leaves PERSON_RANGE
 * @source outing mode of docs/method.md on JOS-3 (Takahashi et al. 2021)
 */
export function createSitter(
  person: BodyPerson,
  start: IndoorStart,
  nature: BodilyNature = USUAL_NATURE,
  rested: RestedPerson = restedPerson(person, start, nature.basalHeatFactor),
  digitSubsteps: number = DIGIT_SUBSTEPS,
): Sitter {
  const { openingPerTrunkK, digitFlowFactor } = nature;
  const body = bodyAtRest(rested.resting, { ...OUTING_BODY, openingPerTrunkK });
  body.temperatureC.set(rested.temperatureC);
  const { surfaceM2, capacityJPerK } = body.parameters;
  const skinExchange = createSkinExchange();
  const exchange = new OutingExchange();
  const digits = new DigitTissue(body, digitFlowFactor, digitSubsteps);
  let shiveredJ = 0;

  const heatContentJ = (): number => {
    const { temperatureC } = body;
    // Five sums side by side: one alone waits for its last addition 85 times.
    let a = 0;
    let b = 0;
    let c = 0;
    let d = 0;
    let e = 0;
    for (let node = 0; node < NODE_COUNT; node += 5) {
      a += capacityJPerK[node]! * temperatureC[node]!;
      b += capacityJPerK[node + 1]! * temperatureC[node + 1]!;
      c += capacityJPerK[node + 2]! * temperatureC[node + 2]!;
      d += capacityJPerK[node + 3]! * temperatureC[node + 3]!;
      e += capacityJPerK[node + 4]! * temperatureC[node + 4]!;
    }
    return a + b + c + d + e;
  };
  const startHeatJ = heatContentJ();

  return {
    body,
    digitC: digits.temperatureC,
    exchange,
    step: (conditions, stepS = STEP_S) => {
      exchange.write(skinExchange, body, conditions);
      body.regulate(skinExchange, conditions.activityRatio);
      digits.chargeBody();
      body.advance(skinExchange, stepS);
      digits.advance(exchange, conditions, stepS);
      shiveredJ += body.last.shiveringW * stepS;
    },
    trunkC: () => trunkCoreC(body.temperatureC),
    meanSkinC: () => meanSkinC(body.temperatureC, body.parameters),
    debtWhPerM2: () => (startHeatJ - heatContentJ() + shiveredJ) / surfaceM2 / SECONDS_PER_HOUR,
    shiveringWPerM2: () => body.last.shiveringW / surfaceM2,
    save: () => ({
      temperatureC: Float64Array.from(body.temperatureC),
      digitC: Float64Array.from(digits.temperatureC),
      drawnFromArteryW: Float64Array.from(digits.drawnFromArteryW),
      drawnFromSkinW: Float64Array.from(digits.drawnFromSkinW),
      shiveredJ,
    }),
    restore: (state) => {
      body.temperatureC.set(state.temperatureC);
      digits.temperatureC.set(state.digitC);
      digits.drawnFromArteryW.set(state.drawnFromArteryW);
      digits.drawnFromSkinW.set(state.drawnFromSkinW);
      shiveredJ = state.shiveredJ;
    },
  };
}
