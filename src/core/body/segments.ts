/** The 17 segments of the published body, in its order. Shoulder is the upper arm, arm the forearm, leg the lower leg. */
export const SEGMENTS = [
  "head",
  "neck",
  "chest",
  "back",
  "pelvis",
  "leftShoulder",
  "leftArm",
  "leftHand",
  "rightShoulder",
  "rightArm",
  "rightHand",
  "leftThigh",
  "leftLeg",
  "leftFoot",
  "rightThigh",
  "rightLeg",
  "rightFoot",
] as const;

export type Segment = (typeof SEGMENTS)[number];

export const SEGMENT_COUNT = SEGMENTS.length;

/** Place of a segment in every array of 17. */
export const SEGMENT_INDEX = Object.fromEntries(SEGMENTS.map((segment, index) => [segment, index])) as Readonly<
  Record<Segment, number>
>;

/** The segment nearer the heart from which blood comes; `null` is the central pool. */
export const UPSTREAM_SEGMENT: Readonly<Record<Segment, Segment | null>> = {
  head: "neck",
  neck: null,
  chest: null,
  back: null,
  pelvis: null,
  leftShoulder: null,
  leftArm: "leftShoulder",
  leftHand: "leftArm",
  rightShoulder: null,
  rightArm: "rightShoulder",
  rightHand: "rightArm",
  leftThigh: "pelvis",
  leftLeg: "leftThigh",
  leftFoot: "leftLeg",
  rightThigh: "pelvis",
  rightLeg: "rightThigh",
  rightFoot: "rightLeg",
};
