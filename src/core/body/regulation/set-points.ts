import { Body } from "../body";
import { PUBLISHED_BODY, type BodyOptions } from "../body-options";
import { coreAndSkinWithin, type CoreAndSkin } from "../core-and-skin";
import type { BasalEquation } from "./basal-heat";
import { bodyParameters, type BodyParameters } from "../body-parameters";
import type { BodyPerson } from "../person";
import { preferredTemperatureC } from "./preferred-temperature";
import { publishedExchange } from "../published-surroundings";
import { SEGMENT_COUNT } from "../segments";
import { createSkinExchange } from "../exchange/skin-exchange";

const START_ACTIVITY = 1.25;
const START_STEP_S = 60_000;
const START_STEPS = 10;
const START_WIND_M_PER_S = 0.1;
const START_HUMIDITY_PERCENT = 50;

/** Where a person's body rests when nothing drives it: set points and all node temperatures, °C. */
export type RestingBody = {
  readonly parameters: BodyParameters;
  readonly setPoints: CoreAndSkin;
  readonly temperatureC: Float64Array;
};

const uniform = (value: number): Float64Array => new Float64Array(SEGMENT_COUNT).fill(value);

/**
 * Finds the set points: ten very long passive steps, nude, in the air a resting person votes neutral.
 * @param basalHeatFactor the person's basal heat over what the equation gives
 * @param equation for basal heat, as of `bodyParameters`
 * @throws {CoreError} `out-of-range` for the person; `not-converged` when no neutral temperature exists
 * @source JOS-3, Takahashi et al. 2021, as jos3 0.5.0 starts
 */
export function restingBody(person: BodyPerson, basalHeatFactor = 1, equation: BasalEquation = "printed"): RestingBody {
  const parameters = bodyParameters(person, basalHeatFactor, equation);
  const body = new Body(parameters, PUBLISHED_BODY);
  const { basalHeatW, surfaceM2 } = parameters;
  const neutralC = preferredTemperatureC((START_ACTIVITY * basalHeatW) / surfaceM2);
  const exchange = createSkinExchange();
  const around = {
    posture: "standing",
    airC: uniform(neutralC),
    radiantC: uniform(neutralC),
    relativeHumidityPercent: uniform(START_HUMIDITY_PERCENT),
    windMPerS: uniform(START_WIND_M_PER_S),
    insulationClo: uniform(0),
  } as const;
  for (let step = 0; step < START_STEPS; step++) {
    publishedExchange(exchange, body, around);
    body.regulate(exchange, START_ACTIVITY, START_STEP_S);
    body.advance(exchange, START_STEP_S);
  }
  const temperatureC = Float64Array.from(body.temperatureC);
  return { parameters, setPoints: coreAndSkinWithin(temperatureC), temperatureC };
}

/** A body resting at its set points, ready to step. */
export function bodyAtRest(resting: RestingBody, options: BodyOptions): Body {
  const body = new Body(resting.parameters, options);
  body.temperatureC.set(resting.temperatureC);
  body.setPoints = resting.setPoints;
  return body;
}
