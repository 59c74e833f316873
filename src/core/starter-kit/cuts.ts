import type { Patch } from "@/core/patches";

// What pieces usually cover.

export const HEAD: readonly Patch[] = ["scalp", "ears"];
export const TRUNK: readonly Patch[] = ["chest", "back", "belly", "lowerBack"];
export const ARMS: readonly Patch[] = ["upperArm", "forearm", "wrist"];
export const LEGS: readonly Patch[] = ["seat", "thigh", "thighOnSeat", "knee", "calf", "ankle"];
