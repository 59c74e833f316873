/** Postures the published body knows. */
export const POSTURES = ["standing", "sitting", "lying"] as const;
export type Posture = (typeof POSTURES)[number];
