import {
  bodyAtRest,
  restingBody,
  type BodyPerson,
  SEGMENT_INDEX,
  type Segment,
  createSkinExchange,
  NODE_COUNT,
  PastState,
  PUBLISHED_BODY,
  publishedExchange,
  SEGMENT_COUNT,
  type RestingBody,
} from "../body";
import { SECONDS_PER_MINUTE } from "../units";
import { StepController } from "./step-controller";
import type { IndoorStart } from "./usual-start";

/** Nobody sits indoors in hat, scarf and gloves (assumption). */
const BARE_INDOORS: readonly Segment[] = ["head", "neck", "leftHand", "rightHand"];

/** A person who has rested indoors: set points, and node temperatures at the moment of stepping out, °C. */
export type RestedPerson = { readonly resting: RestingBody; readonly temperatureC: Float64Array };

/**
 * What of a simulation depends on the person and where they come from alone, for those who ask again and again.
 * @param basalHeatFactor of the nature it is used with
 * @throws {CoreError} `out-of-range` when the person leaves PERSON_RANGE
 */
export function restedPerson(person: BodyPerson, start: IndoorStart, basalHeatFactor = 1): RestedPerson {
  const resting = restingBody(person, basalHeatFactor);
  return { resting, temperatureC: restIndoors(start, resting) };
}

function dressedIndoors(insulationClo: number): Float64Array {
  const clo = new Float64Array(SEGMENT_COUNT).fill(insulationClo);
  for (const segment of BARE_INDOORS) clo[SEGMENT_INDEX[segment]] = 0;
  return clo;
}

/**
 * Node temperatures after the rest indoors, °C, by the published body without digits.
 * @source the outing's start in docs/method.md; JOS-3 for the body
 */
function restIndoors(start: IndoorStart, resting: RestingBody): Float64Array {
  const body = bodyAtRest(resting, { ...PUBLISHED_BODY, order: 2 });
  const exchange = createSkinExchange();
  const uniform = (value: number): Float64Array => new Float64Array(SEGMENT_COUNT).fill(value);
  const around = {
    posture: "sitting",
    airC: uniform(start.airTemperatureC),
    radiantC: uniform(start.airTemperatureC),
    relativeHumidityPercent: uniform(start.relativeHumidityPercent),
    windMPerS: uniform(start.windMPerS),
    insulationClo: dressedIndoors(start.insulationClo),
  } as const;
  publishedExchange(exchange, body, around);
  const steps = new StepController();
  const endS = start.minutes * SECONDS_PER_MINUTE;
  const beforeC = new Float64Array(NODE_COUNT);
  const pastBefore = new PastState();
  for (let nowS = 0; nowS < endS;) {
    const stepS = steps.within(endS - nowS);
    beforeC.set(body.temperatureC);
    pastBefore.copy(body.past);
    body.regulate(exchange, start.activityRatio, stepS);
    body.advance(exchange, stepS);
    if (steps.accepts(stepS, body.stepErrorK())) nowS += stepS;
    else {
      body.temperatureC.set(beforeC);
      body.past.copy(pastBefore);
    }
  }
  return body.temperatureC;
}
