import { SECONDS_PER_HOUR } from "../units";
import { basalHeatW } from "./basal-heat";
import { factorByAge, type AgeRows } from "./by-age";
import { CENTRAL_BLOOD_NODE, NODE_COUNT, SEGMENT_NODES } from "./nodes";
import { assertPerson, bodySurfaceM2, type BodyPerson } from "./person";
import { SEGMENT_INDEX } from "./segments";
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
const MINUTES_PER_HOUR = 60;
const CARDIAC_AGE: AgeRows = [
  { belowYears: 50, factor: 1 },
  { belowYears: 60, factor: 0.85 },
  { belowYears: 70, factor: 0.75 },
  { belowYears: Infinity, factor: 0.7 },
];

/** A heat conductance between two nodes, W/K. */
export type Conductance = { readonly from: number; readonly to: number; readonly conductanceWPerK: number };

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
  readonly conductances: readonly Conductance[];
  readonly basalHeatW: number;
};

const sum = (values: ArrayLike<number>): number => Array.prototype.reduce.call(values, (a, b) => a + b, 0) as number;

/**
 * Scales the published body to a person.
 * @param basalHeatFactor the person's basal heat over what the equation gives
 * @throws {CoreError} `out-of-range` when the person leaves PERSON_RANGE
 * @source JOS-3, Takahashi et al. 2021
 */
export function bodyParameters(person: BodyPerson, basalHeatFactor = 1): BodyParameters {
  assertPerson(person);
  const surfaceM2 = bodySurfaceM2(person);
  const standardSurfaceM2 = sum(STANDARD_SKIN_AREA_M2);
  const surfaceRatio = surfaceM2 / standardSurfaceM2;
  const massRatio = person.massKg / STANDARD_MASS_KG;
  const bloodRatio =
    (MINUTES_PER_HOUR * CARDIAC_INDEX_L_PER_MIN_M2 * factorByAge(CARDIAC_AGE, person.ageYears) * surfaceM2) /
    STANDARD_BLOOD_FLOW_L_PER_H;
  return {
    person,
    skinAreaM2: Float64Array.from(STANDARD_SKIN_AREA_M2, (area) => area * surfaceRatio),
    surfaceM2,
    surfaceRatio,
    bloodRatio,
    capacityJPerK: scaledCapacity(massRatio, bloodRatio),
    conductances: scaledConductances(person.fatPercent, surfaceRatio, massRatio),
    basalHeatW: basalHeatW(person) * basalHeatFactor,
  };
}

function scaledCapacity(massRatio: number, bloodRatio: number): Float64Array {
  const capacity = new Float64Array(NODE_COUNT);
  capacity[CENTRAL_BLOOD_NODE] = STANDARD_CENTRAL_BLOOD_WH_PER_K * bloodRatio * SECONDS_PER_HOUR;
  const BLOOD = ["artery", "vein", "superficialVein"] as const;
  const TISSUE = ["core", "muscle", "fat", "skin"] as const;
  SEGMENT_NODES.forEach((nodes, segment) => {
    for (const kind of [...BLOOD, ...TISSUE]) {
      if (nodes[kind] < 0) continue;
      const ratio = (BLOOD as readonly string[]).includes(kind) ? bloodRatio : massRatio;
      capacity[nodes[kind]] = STANDARD_CAPACITY_WH_PER_K[kind][segment]! * ratio * SECONDS_PER_HOUR;
    }
  });
  return capacity;
}

function scaledConductances(fatPercent: number, surfaceRatio: number, massRatio: number): Conductance[] {
  const coreSkin = CORE_SKIN_CONDUCTANCE_W_PER_K.find((row) => fatPercent < row.belowFatPercent)!.values;
  const conductances: Conductance[] = [];
  SEGMENT_NODES.forEach((nodes, segment) => {
    const isHeadOrNeck = segment <= SEGMENT_INDEX.neck;
    const ratio = isHeadOrNeck ? massRatio / surfaceRatio : surfaceRatio ** 2 / massRatio;
    const link = (from: number, to: number, standardWPerK: number): void => {
      if (from >= 0 && to >= 0 && standardWPerK > 0)
        conductances.push({ from, to, conductanceWPerK: standardWPerK * ratio });
    };
    link(nodes.artery, nodes.vein, ARTERY_VEIN_CONDUCTANCE_W_PER_K[segment]!);
    link(nodes.artery, nodes.core, VESSEL_CORE_CONDUCTANCE_W_PER_K[segment]!);
    link(nodes.vein, nodes.core, VESSEL_CORE_CONDUCTANCE_W_PER_K[segment]!);
    link(nodes.superficialVein, nodes.skin, SUPERFICIAL_VEIN_SKIN_CONDUCTANCE_W_PER_K[segment]!);
    if (nodes.muscle >= 0) {
      const layers = segment === SEGMENT_INDEX.head ? HEAD_LAYER_CONDUCTANCE_W_PER_K : PELVIS_LAYER_CONDUCTANCE_W_PER_K;
      link(nodes.core, nodes.muscle, layers.coreMuscle);
      link(nodes.muscle, nodes.fat, layers.muscleFat);
      link(nodes.fat, nodes.skin, layers.fatSkin);
    } else {
      link(nodes.core, nodes.skin, coreSkin[segment]!);
    }
  });
  return conductances;
}
