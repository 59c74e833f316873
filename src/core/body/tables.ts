import type { Posture } from "./posture";

// Every array holds 17 values in the order of SEGMENTS.
// Source of all of them: JOS-3, Takahashi et al. 2021, Energy and Buildings 231:110575, as the open package jos3 0.5.0
// holds them (tests/reference/body-tables.json is the copy the tests compare with).
type PerSegment = readonly number[];

/** Skin area of the standard body, m². */
export const STANDARD_SKIN_AREA_M2: PerSegment = [0.11, 0.029, 0.175, 0.161, 0.221, 0.096, 0.063, 0.05, 0.096, 0.063, 0.05, 0.209, 0.112, 0.056, 0.209, 0.112, 0.056];
/** Heat capacity of the standard body, W·h/K. */
export const STANDARD_CAPACITY_WH_PER_K: Readonly<Record<"artery" | "vein" | "superficialVein" | "core" | "muscle" | "fat" | "skin", PerSegment>> = {
  artery: [0.096, 0.025, 0.12, 0.111, 0.265, 0.0186, 0.0091, 0.0044, 0.0186, 0.0091, 0.0044, 0.0813, 0.04, 0.0103, 0.0813, 0.04, 0.0103],
  vein: [0.321, 0.085, 0.424, 0.39, 0.832, 0.046, 0.024, 0.01, 0.046, 0.024, 0.01, 0.207, 0.1, 0.024, 0.207, 0.1, 0.024],
  superficialVein: [0, 0, 0, 0, 0, 0.025, 0.015, 0.011, 0.025, 0.015, 0.011, 0.074, 0.05, 0.021, 0.074, 0.05, 0.021],
  core: [1.7229, 0.564, 10.2975, 9.3935, 4.488, 1.6994, 1.1209, 0.1536, 1.6994, 1.1209, 0.1536, 5.3117, 2.867, 0.2097, 5.3117, 2.867, 0.2097],
  muscle: [0.305, 0.0, 0.0, 0.0, 7.409, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0],
  fat: [0.203, 0.0, 0.0, 0.0, 1.947, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0],
  skin: [0.1885, 0.058, 0.441, 0.406, 0.556, 0.126, 0.084, 0.088, 0.126, 0.084, 0.088, 0.334, 0.169, 0.107, 0.334, 0.169, 0.107],
};
/** Heat capacity of the central blood pool of the standard body, W·h/K. */
export const STANDARD_CENTRAL_BLOOD_WH_PER_K = 1.999;
/** Conductance core to skin of the standard body, W/K, by fat share of the body: the row of the first limit not reached. */
export const CORE_SKIN_CONDUCTANCE_W_PER_K: readonly { readonly belowFatPercent: number; readonly values: PerSegment }[] = [
  { belowFatPercent: 12.5, values: [1.341, 0.93, 1.879, 1.729, 2.37, 1.557, 1.018, 2.21, 1.557, 1.018, 2.21, 2.565, 1.378, 3.404, 2.565, 1.378, 3.404] },
  { belowFatPercent: 17.5, values: [1.311, 0.909, 1.785, 1.643, 2.251, 1.501, 0.982, 2.183, 1.501, 0.982, 2.183, 2.468, 1.326, 3.37, 2.468, 1.326, 3.37] },
  { belowFatPercent: 22.5, values: [1.282, 0.889, 1.698, 1.563, 2.142, 1.448, 0.947, 2.156, 1.448, 0.947, 2.156, 2.375, 1.276, 3.337, 2.375, 1.276, 3.337] },
  { belowFatPercent: 27.5, values: [1.255, 0.87, 1.618, 1.488, 2.04, 1.396, 0.913, 2.13, 1.396, 0.913, 2.13, 2.285, 1.227, 3.304, 2.285, 1.227, 3.304] },
  { belowFatPercent: Infinity, values: [1.227, 0.852, 1.542, 1.419, 1.945, 1.346, 0.88, 1.945, 1.346, 0.88, 1.945, 2.198, 1.181, 3.271, 2.198, 1.181, 3.271] },
];
/** Conductance of artery to core, and of vein to core, W/K. */
export const VESSEL_CORE_CONDUCTANCE_W_PER_K: PerSegment = [0, 0, 0, 0, 0, 0.586, 0.383, 1.534, 0.586, 0.383, 1.534, 0.81, 0.435, 1.816, 0.81, 0.435, 1.816];
/** Conductance of superficial vein to skin, W/K. */
export const SUPERFICIAL_VEIN_SKIN_CONDUCTANCE_W_PER_K: PerSegment = [0, 0, 0, 0, 0, 57.735, 37.768, 16.634, 57.735, 37.768, 16.634, 102.012, 54.784, 24.277, 102.012, 54.784, 24.277];
/** Counter-current conductance artery to vein, W/K. */
export const ARTERY_VEIN_CONDUCTANCE_W_PER_K: PerSegment = [0, 0, 0, 0, 0, 0.537, 0.351, 0.762, 0.537, 0.351, 0.762, 0.826, 0.444, 0.992, 0.826, 0.444, 0.992];
/** Conductances of the two layered segments, W/K; they stand in for core to skin there. */
export const HEAD_LAYER_CONDUCTANCE_W_PER_K = { coreMuscle: 1.601, muscleFat: 13.222, fatSkin: 16.008 } as const;
export const PELVIS_LAYER_CONDUCTANCE_W_PER_K = { coreMuscle: 3.0813, muscleFat: 10.3738, fatSkin: 41.4954 } as const;
/** Natural convection by posture, W/(m²·K); lying is `a·|air − skin|^b`, below. */
export const NATURAL_CONVECTION_W_PER_M2K: Readonly<Record<"standing" | "sitting", PerSegment>> = {
  standing: [4.48, 4.48, 2.97, 2.91, 2.85, 3.61, 3.55, 3.67, 3.61, 3.55, 3.67, 2.8, 2.04, 2.04, 2.8, 2.04, 2.04],
  sitting: [4.75, 4.75, 3.12, 2.48, 1.84, 3.76, 3.62, 2.06, 3.76, 3.62, 2.06, 2.98, 2.98, 2.62, 2.98, 2.98, 2.62],
};
/** Factor a of natural convection lying down. */
export const LYING_CONVECTION_FACTOR: PerSegment = [1.105, 1.105, 1.211, 1.211, 1.211, 0.913, 2.081, 2.178, 0.913, 2.081, 2.178, 0.945, 0.385, 0.2, 0.945, 0.385, 0.2];
/** Exponent b of natural convection lying down. */
export const LYING_CONVECTION_EXPONENT: PerSegment = [0.345, 0.345, 0.046, 0.046, 0.046, 0.373, 0.85, 0.297, 0.373, 0.85, 0.297, 0.447, 0.58, 0.966, 0.447, 0.58, 0.966];
/** Factor a of forced convection `a·v^b`, v in m/s. */
export const FORCED_CONVECTION_FACTOR: PerSegment = [15.0, 15.0, 11.0, 17.0, 13.0, 17.0, 17.0, 20.0, 17.0, 17.0, 20.0, 14.0, 15.8, 15.1, 14.0, 15.8, 15.1];
/** Exponent b of forced convection. */
export const FORCED_CONVECTION_EXPONENT: PerSegment = [0.62, 0.62, 0.67, 0.49, 0.6, 0.59, 0.61, 0.6, 0.59, 0.61, 0.6, 0.61, 0.74, 0.62, 0.61, 0.74, 0.62];
/** Radiation coefficient by posture, W/(m²·K). */
export const RADIATION_W_PER_M2K: Readonly<Record<Posture, PerSegment>> = {
  standing: [4.89, 4.89, 4.32, 4.09, 4.32, 4.55, 4.43, 4.21, 4.55, 4.43, 4.21, 4.77, 5.34, 6.14, 4.77, 5.34, 6.14],
  sitting: [4.96, 4.96, 3.99, 4.64, 4.21, 4.96, 4.21, 4.74, 4.96, 4.21, 4.74, 4.1, 4.74, 6.36, 4.1, 4.74, 6.36],
  lying: [5.475, 5.475, 3.463, 3.463, 3.463, 4.249, 4.835, 4.119, 4.249, 4.835, 4.119, 4.44, 5.547, 6.085, 4.44, 5.547, 6.085],
};
/** Weight of a segment among the skin receptors. */
export const SKIN_RECEPTOR_SHARE: PerSegment = [0.0549, 0.0146, 0.1492, 0.1321, 0.2122, 0.0227, 0.0117, 0.0923, 0.0227, 0.0117, 0.0923, 0.0501, 0.0251, 0.0167, 0.0501, 0.0251, 0.0167];
/** Share of the sweat signal. */
export const SWEAT_SHARE: PerSegment = [0.064, 0.017, 0.146, 0.129, 0.206, 0.051, 0.026, 0.0155, 0.051, 0.026, 0.0155, 0.073, 0.036, 0.0175, 0.073, 0.036, 0.0175];
/** Sweat kept from the age of 60. */
export const SWEAT_AGE_FACTOR_FROM_60: PerSegment = [0.69, 0.69, 0.59, 0.52, 0.4, 0.75, 0.75, 0.75, 0.75, 0.75, 0.75, 0.4, 0.4, 0.4, 0.4, 0.4, 0.4];
/** Basal skin blood flow, L/h. */
export const BASAL_SKIN_FLOW_L_PER_H: PerSegment = [1.754, 0.325, 1.967, 1.475, 2.272, 0.91, 0.508, 1.114, 0.91, 0.508, 1.114, 1.456, 0.651, 0.934, 1.456, 0.651, 0.934];
/** Share of the dilation signal. */
export const DILATION_SHARE: PerSegment = [0.0692, 0.0992, 0.058, 0.0679, 0.0707, 0.04, 0.0373, 0.0632, 0.04, 0.0373, 0.0632, 0.0736, 0.0411, 0.0623, 0.0736, 0.0411, 0.0623];
/** Share of the constriction signal. */
export const CONSTRICTION_SHARE: PerSegment = [0.0213, 0.0213, 0.0638, 0.0638, 0.0638, 0.0213, 0.0213, 0.1489, 0.0213, 0.0213, 0.1489, 0.0213, 0.0213, 0.1489, 0.0213, 0.0213, 0.1489];
/** Dilation kept from the age of 60. */
export const DILATION_AGE_FACTOR_FROM_60: PerSegment = [0.91, 0.91, 0.47, 0.47, 0.31, 0.47, 0.47, 0.47, 0.47, 0.47, 0.47, 0.31, 0.31, 0.31, 0.31, 0.31, 0.31];
/** Shares of basal heat by tissue. */
export const BASAL_HEAT_SHARE: Readonly<Record<"core" | "muscle" | "fat" | "skin", PerSegment>> = {
  core: [0.19551, 0.00324, 0.28689, 0.25677, 0.09509, 0.01435, 0.00409, 0.00106, 0.01435, 0.00409, 0.00106, 0.01557, 0.00422, 0.0025, 0.01557, 0.00422, 0.0025],
  muscle: [0.00252, 0.0, 0.0, 0.0, 0.04804, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0],
  fat: [0.00127, 0.0, 0.0, 0.0, 0.0095, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0],
  skin: [0.00152, 0.00033, 0.00211, 0.00187, 0.003, 0.00059, 0.00031, 0.00059, 0.00059, 0.00031, 0.00059, 0.00144, 0.00027, 0.00118, 0.00144, 0.00027, 0.00118],
};
/** Shares of work heat. */
export const WORK_HEAT_SHARE: PerSegment = [0, 0, 0.091, 0.08, 0.129, 0.0262, 0.0139, 0.005, 0.0262, 0.0139, 0.005, 0.201, 0.099, 0.005, 0.201, 0.099, 0.005];
/** Shares of shivering heat. */
export const SHIVERING_SHARE: PerSegment = [0.0339, 0.0436, 0.27394, 0.24102, 0.38754, 0.00243, 0.00137, 0.0002, 0.00243, 0.00137, 0.0002, 0.0039, 0.00175, 0.00035, 0.0039, 0.00175, 0.00035];
/** Shares of non-shivering heat. */
export const NON_SHIVERING_SHARE: PerSegment = [0.0, 0.19, 0.0, 0.19, 0.19, 0.215, 0.0, 0.0, 0.215, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
/** Basal blood flow of deep tissues, L/h. */
export const BASAL_TISSUE_FLOW_L_PER_H: Readonly<Record<"core" | "muscle" | "fat", PerSegment>> = {
  core: [35.251, 15.24, 89.214, 87.663, 18.686, 1.808, 0.94, 0.217, 1.808, 0.94, 0.217, 1.406, 0.164, 0.08, 1.406, 0.164, 0.08],
  muscle: [0.682, 0.0, 0.0, 0.0, 12.614, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0],
  fat: [0.265, 0.0, 0.0, 0.0, 2.219, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0],
};
