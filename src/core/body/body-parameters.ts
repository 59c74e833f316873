import { SECONDS_PER_HOUR, MINUTES_PER_HOUR } from "../units";
import { scaled, tabulate } from "../numeric";
import { basalHeatW, type BasalEquation } from "./regulation/basal-heat";
import { factorByAge, type AgeRows } from "./by-age";
import { CENTRAL_BLOOD_NODE, NODE_COUNT, SEGMENT_NODES, type SegmentNodes } from "./nodes";
import { assertPerson, bodySurfaceM2, type BodyPerson } from "./person";
import { personResponses, type PersonResponses } from "./person-responses";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";
import {
  ARTERY_VEIN_CONDUCTANCE_W_PER_K,
  CORE_SKIN_CONDUCTANCE_W_PER_K,
  HEAD_LAYER_CONDUCTANCE_W_PER_K,
  PELVIS_LAYER_CONDUCTANCE_W_PER_K,
  STANDARD_CAPACITY_WH_PER_K,
  STANDARD_CENTRAL_BLOOD_WH_PER_K,
  STANDARD_SKIN_AREA_M2,
  SUPERFICIAL_VEIN_SKIN_CONDUCTANCE_W_PER_K,
  VESSEL_CORE_CONDUCTANCE_W_PER_K,
} from "./tables";

const STANDARD_MASS_KG = 74.43;
const STANDARD_BLOOD_FLOW_L_PER_H = 290;
const CARDIAC_INDEX_L_PER_MIN_M2 = 2.59;
const CARDIAC_AGE: AgeRows = [
  { belowYears: 50, factor: 1 },
  { belowYears: 60, factor: 0.85 },
  { belowYears: 70, factor: 0.75 },
  { belowYears: Infinity, factor: 0.7 },
];

/** Conductances of a segment, W/K; zero where a tissue is missing. */
export type SegmentConductances = {
  readonly arteryVein: Float64Array;
  readonly arteryCore: Float64Array;
  readonly veinCore: Float64Array;
  readonly superficialSkin: Float64Array;
  /** Skin to the tissue under it: fat in head and pelvis, core elsewhere. */
  readonly skinInner: Float64Array;
  readonly muscleFat: Float64Array;
  readonly coreMuscle: Float64Array;
};

/** The published body scaled to one person. */
export type BodyParameters = {
  readonly person: BodyPerson;
  /** Skin area per segment and in all, m². */
  readonly skinAreaM2: Float64Array;
  readonly surfaceM2: number;
  /** Person's surface over the standard body's; person's blood flow over the standard's. */
  readonly surfaceRatio: number;
  readonly bloodRatio: number;
  /** Heat capacity per node, J/K. */
  readonly capacityJPerK: Float64Array;
  readonly conductances: SegmentConductances;
  readonly basalHeatW: number;
  readonly responses: PersonResponses;
};

const sum = (values: ArrayLike<number>): number => Array.prototype.reduce.call(values, (a, b) => a + b, 0) as number;

/**
 * Scales the published body to a person.
 * @param basalHeatFactor the person's basal heat over what the equation gives
 * @param equation for basal heat: as printed in an outing, the program's own in the published mode
 * @throws {CoreError} `out-of-range` when the person leaves PERSON_RANGE
 * @source JOS-3, Takahashi et al. 2021
 */
export function bodyParameters(
  person: BodyPerson,
  basalHeatFactor = 1,
  equation: BasalEquation = "printed",
): BodyParameters {
  assertPerson(person);
  const surfaceM2 = bodySurfaceM2(person);
  const standardSurfaceM2 = sum(STANDARD_SKIN_AREA_M2);
  const surfaceRatio = surfaceM2 / standardSurfaceM2;
  const massRatio = person.massKg / STANDARD_MASS_KG;
  const bloodRatio =
    (MINUTES_PER_HOUR * CARDIAC_INDEX_L_PER_MIN_M2 * factorByAge(CARDIAC_AGE, person.ageYears) * surfaceM2) /
    STANDARD_BLOOD_FLOW_L_PER_H;
  const heatW = basalHeatW(person, equation) * basalHeatFactor;
  return {
    person,
    skinAreaM2: scaled(STANDARD_SKIN_AREA_M2, surfaceRatio),
    surfaceM2,
    surfaceRatio,
    bloodRatio,
    capacityJPerK: scaledCapacity(massRatio, bloodRatio),
    conductances: scaledConductances(person.fatPercent, surfaceRatio, massRatio),
    basalHeatW: heatW,
    responses: personResponses(person, heatW, bloodRatio, surfaceRatio),
  };
}

function scaledCapacity(massRatio: number, bloodRatio: number): Float64Array {
  const capacity = new Float64Array(NODE_COUNT);
  capacity[CENTRAL_BLOOD_NODE] = STANDARD_CENTRAL_BLOOD_WH_PER_K * bloodRatio * SECONDS_PER_HOUR;
  const write = (kinds: readonly (keyof SegmentNodes)[], ratio: number): void => {
    for (const kind of kinds) {
      for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
        const node = SEGMENT_NODES[segment]![kind];
        if (node >= 0) capacity[node] = STANDARD_CAPACITY_WH_PER_K[kind][segment]! * ratio * SECONDS_PER_HOUR;
      }
    }
  };
  write(["artery", "vein", "superficialVein"], bloodRatio);
  write(["core", "muscle", "fat", "skin"], massRatio);
  return capacity;
}

function scaledConductances(fatPercent: number, surfaceRatio: number, massRatio: number): SegmentConductances {
  const coreSkin = CORE_SKIN_CONDUCTANCE_W_PER_K.find((row) => fatPercent < row.belowFatPercent)!.values;
  const headRatio = massRatio / surfaceRatio;
  const bodyRatio = surfaceRatio ** 2 / massRatio;
  const toPerson = (standardWPerK: readonly number[]): Float64Array =>
    tabulate(
      SEGMENT_COUNT,
      (segment) => standardWPerK[segment]! * (segment <= SEGMENT_INDEX.neck ? headRatio : bodyRatio),
    );
  const layers = (link: keyof typeof HEAD_LAYER_CONDUCTANCE_W_PER_K, elsewhere: readonly number[]): number[] =>
    elsewhere.map((value, segment) =>
      segment === SEGMENT_INDEX.head
        ? HEAD_LAYER_CONDUCTANCE_W_PER_K[link]
        : segment === SEGMENT_INDEX.pelvis
          ? PELVIS_LAYER_CONDUCTANCE_W_PER_K[link]
          : value,
    );
  const none = coreSkin.map(() => 0);
  return {
    arteryVein: toPerson(ARTERY_VEIN_CONDUCTANCE_W_PER_K),
    arteryCore: toPerson(VESSEL_CORE_CONDUCTANCE_W_PER_K),
    veinCore: toPerson(VESSEL_CORE_CONDUCTANCE_W_PER_K),
    superficialSkin: toPerson(SUPERFICIAL_VEIN_SKIN_CONDUCTANCE_W_PER_K),
    skinInner: toPerson(layers("fatSkin", coreSkin)),
    muscleFat: toPerson(layers("muscleFat", none)),
    coreMuscle: toPerson(layers("coreMuscle", none)),
  };
}
