import {
  bodyAtRest,
  createSkinExchange,
  meanSkinC,
  NODE_COUNT,
  OUTING_BODY,
  PastState,
  SEGMENT_NODES,
  trunkCoreC,
  type Body,
  type BodyPerson,
} from "../body";
import { USUAL_SOLE_SHARE, type FlowFactor } from "../digits";
import { SECONDS_PER_HOUR } from "../units";
import { WaterState } from "../water";
import { StoredHeat } from "./digits/stored-heat";
import type { Conditions } from "./conditions";
import { DigitState } from "./digits/digit-state";
import { DigitTissue } from "./digits/digit-tissue";
import { restedPerson, type RestedPerson } from "./indoor-start";
import type { IndoorStart } from "./usual-start";
import { OutingExchange } from "./outing-exchange";
import { IN_WATER, WetClothes } from "./outfit/wet-clothes";

/** A person's body with digits, advanced a step at a time. Read the buffers between steps; do not write. */
export type Sitter = {
  readonly body: Body;
  /** Digit temperatures by the order of DIGITS, °C. */
  readonly digitC: Float64Array;
  /** Resistances of the step just made. */
  readonly exchange: OutingExchange;
  /** Advances by a step; in conditions that change at once, forget first, and let the water in the clothes forget. */
  step(conditions: Conditions, stepS: number): void;
  /** The past tells nothing of what comes: the next step is of first order, as published. */
  resetHistory(): void;
  /** How far the last step led from where the one before pointed, at most over cores, skins and digits, K. */
  stepErrorK(): number;
  trunkC(): number;
  meanSkinC(): number;
  /** Heat debt since the start outdoors, no credit for shivering, W·h per m² of skin. */
  debtWhPerM2(): number;
  shiveringWPerM2(): number;
  /** What each digit drew from its artery and from its segment's skin in the step just made, W. */
  readonly drawn: Pick<DigitState, "drawnFromArteryW" | "drawnFromSkinW">;
  /** What each digit lost outwards in the step just made, W/m², by the order of DIGITS. */
  readonly digitLossWPerM2: Float64Array;
  /** What the clothes hold of water; `null` where nothing worn takes any up. */
  readonly wet: WetClothes | null;
  /** Falls into the water and climbs out: what is worn is soaked, skin and digits are chilled. */
  fallIn(): void;
  /** Copies all state, to try a branch and come back. */
  save(into: SitterState): void;
  restore(state: SitterState): void;
};

/** A copy of all that a sitter's steps change. */
export class SitterState {
  readonly temperatureC = new Float64Array(NODE_COUNT);
  readonly past = new PastState();
  readonly digits = new DigitState();
  readonly water: WaterState | null;
  readonly stored = new StoredHeat();
  shiveredJ = 0;
  shiveringW = 0;

  /** @param waterCells as of the sitter */
  constructor(waterCells: number) {
    this.water = waterCells > 0 ? new WaterState(waterCells) : null;
  }
}

/** What of the body is a person's own, or uncertain. */
export type BodilyNature = {
  /** Basal heat over what the equation gives. */
  readonly basalHeatFactor: number;
  /** Blood flow to fingers, toes and face over the model's. */
  readonly flowFactor: FlowFactor;
  /** Share of the toes' surface that rests on the sole. */
  readonly soleShare: number;
  /** How a warm trunk opens the anastomoses, 1/K. */
  readonly openingPerTrunkK: number;
};

/** Nobody in particular. */
export const USUAL_NATURE: BodilyNature = {
  basalHeatFactor: 1,
  flowFactor: { fingers: 1, toes: 1, face: 1 },
  soleShare: USUAL_SOLE_SHARE,
  openingPerTrunkK: OUTING_BODY.openingPerTrunkK,
};

/** What is known of a sitter beside person and start. */
export type SitterOptions = {
  readonly nature?: BodilyNature | undefined;
  /** The person as they step out, when already known: it depends on person, basal heat and start alone. */
  readonly rested?: RestedPerson | undefined;
  /** Pieces on segments that may hold water; none when not given. */
  readonly waterCells?: number | undefined;
  /** Share of its own mass of water that each starts with, if not dry. */
  readonly wetCells?: Float64Array | null | undefined;
  /** Water that each starts with, g/m² of skin, if not dry. */
  readonly waterGPerM2?: Float64Array | null | undefined;
  /** Temperature of boots and gloves as one steps out, °C; the room's when not given. */
  readonly storedStartC?: number | undefined;
};

/**
 * A person who has rested indoors and steps out.
 * @throws {CoreError} `out-of-range` when the person leaves PERSON_RANGE
 * @source outing mode of docs/method.md on JOS-3 (Takahashi et al. 2021)
 */
export function createSitter(
  person: BodyPerson,
  start: IndoorStart,
  {
    nature = USUAL_NATURE,
    rested = restedPerson(person, start, nature.basalHeatFactor),
    waterCells = 0,
    wetCells = null,
    waterGPerM2 = null,
    storedStartC = start.airTemperatureC,
  }: SitterOptions = {},
): Sitter {
  const { openingPerTrunkK, flowFactor, soleShare } = nature;
  const body = bodyAtRest(rested.resting, { ...OUTING_BODY, openingPerTrunkK });
  body.temperatureC.set(rested.temperatureC);
  body.trunkStartC = trunkCoreC(rested.temperatureC);
  const { surfaceM2, capacityJPerK } = body.parameters;
  const skinExchange = createSkinExchange();
  const wet = waterCells > 0 ? new WetClothes(waterCells, wetCells) : null;
  if (waterGPerM2 !== null) wet?.moisture.state.waterGPerM2.set(waterGPerM2);
  const exchange = new OutingExchange(wet?.moisture, soleShare);
  const digits = new DigitTissue(body, flowFactor);
  let shiveredJ = 0;
  let shiveringBeforeW = 0;
  let hasBegun = false;

  const heatContentJ = (): number => {
    const { temperatureC } = body;
    let contentJ = 0;
    for (let node = 0; node < NODE_COUNT; node++) contentJ += capacityJPerK[node]! * temperatureC[node]!;
    return contentJ;
  };
  const startHeatJ = heatContentJ();

  return {
    body,
    digitC: digits.state.temperatureC,
    drawn: digits.state,
    digitLossWPerM2: digits.lostWPerM2,
    exchange,
    wet,
    step: (conditions, stepS) => {
      if (conditions.stores) {
        digits.stored.putOn(conditions.stores, hasBegun ? conditions.airTemperatureC : storedStartC);
      }
      hasBegun = true;
      digits.stored.pass(stepS);
      wet?.wear(conditions);
      exchange.write(skinExchange, body, conditions);
      body.regulate(skinExchange, conditions.activityRatio, stepS);
      digits.chargeBody(stepS);
      if (conditions.broughtHeat) addSkinHeat(body, conditions.broughtHeat.skinW);
      wet?.chargeBody(body, stepS);
      body.advance(skinExchange, stepS);
      const breathWPerM2 = wet?.breathe(body, skinExchange, exchange, conditions, stepS);
      digits.advance(exchange, conditions, stepS, breathWPerM2);
      wet?.pass(body, skinExchange, exchange, conditions, stepS);
      const { shiveringW } = body.last;
      shiveredJ += ((shiveringBeforeW + shiveringW) / 2) * stepS;
      shiveringBeforeW = shiveringW;
    },
    fallIn: () => {
      wet?.soak();
      digits.immerse(IN_WATER.seconds, IN_WATER.waterC, IN_WATER.wornM2KPerW);
    },
    resetHistory: () => {
      body.past.resetHistory();
      digits.resetHistory();
    },
    stepErrorK: () => Math.max(body.stepErrorK(), digits.stepErrorK),
    trunkC: () => trunkCoreC(body.temperatureC),
    meanSkinC: () => meanSkinC(body.temperatureC, body.parameters),
    debtWhPerM2: () => (startHeatJ - heatContentJ() + shiveredJ) / surfaceM2 / SECONDS_PER_HOUR,
    shiveringWPerM2: () => body.last.shiveringW / surfaceM2,
    save: (into) => {
      into.temperatureC.set(body.temperatureC);
      into.past.copy(body.past);
      into.digits.copy(digits.state);
      into.stored.copy(digits.stored);
      if (wet && into.water) into.water.copy(wet.moisture.state);
      into.shiveredJ = shiveredJ;
      into.shiveringW = shiveringBeforeW;
    },
    restore: (state) => {
      body.temperatureC.set(state.temperatureC);
      body.past.copy(state.past);
      digits.state.copy(state.digits);
      digits.stored.copy(state.stored);
      if (wet && state.water) wet.restore(state.water);
      shiveredJ = state.shiveredJ;
      shiveringBeforeW = state.shiveringW;
    },
  };
}

function addSkinHeat(body: Body, skinW: Float64Array): void {
  for (let segment = 0; segment < skinW.length; segment++) {
    if (skinW[segment] !== 0) body.addHeat(SEGMENT_NODES[segment]!.skin, skinW[segment]!);
  }
}
