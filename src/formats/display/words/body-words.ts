import * as m from "@/messages";
import type { LeakPoint, Patch } from "@/core/patches";
import type { LaneName } from "@/core/pieces";
import type { SitterPosture } from "@/core/sitter";
import type { WearingSide } from "@/core/outing";

// What parts of the body, its sides and its postures are called.

export const PATCH_WORDS: Readonly<Record<Patch, string>> = {
  scalp: m.scalp,
  ears: m.earsPatch,
  face: m.facePatch,
  neck: m.neckPatch,
  chest: m.chest,
  back: m.backPatch,
  belly: m.belly,
  lowerBack: m.lowerBack,
  seat: m.seatPatch,
  upperArm: m.upperArm,
  forearm: m.forearm,
  wrist: m.wrist,
  hand: m.handPatch,
  fingers: m.fingers,
  thigh: m.thigh,
  thighOnSeat: m.thighOnTheSeat,
  knee: m.knee,
  calf: m.calf,
  ankle: m.ankle,
  footUpper: m.foot,
  sole: m.solePatch,
  toes: m.toes,
};

/** Zones of the body as lists of clothes are divided. */
export const LANE_WORDS: Readonly<Record<LaneName, string>> = {
  Head: m.laneHead,
  Neck: m.laneNeck,
  Trunk: m.laneTrunk,
  Hands: m.laneHands,
  Legs: m.laneLegs,
  Feet: m.laneFeet,
  Under: m.laneUnder,
};

export const POSTURE_WORDS: Readonly<Record<SitterPosture, string>> = {
  standing: m.standing,
  sitting: m.sitting,
  kneeling: m.kneeling,
  lying: m.lying,
};

export const SIDE_WORDS: Readonly<Record<WearingSide, string>> = { left: m.left, right: m.right, both: m.sideBoth };

/** "left toes"; the words alone where it has no side. */
export const onSide = (words: string, side: WearingSide | null | undefined): string =>
  side === "left" || side === "right" ? m.onSide({ side: SIDE_WORDS[side], words }) : words;

/** Where clothing opens. */
export const LEAK_POINT_WORDS: Readonly<Record<LeakPoint, string>> = {
  neck: m.neckPatch,
  wrists: m.atWrists,
  waist: m.atWaist,
  ankles: m.atAnkles,
};

const PART_WORDS: Readonly<Record<string, string>> = {
  hood: m.partHood,
  cap: m.partCap,
  lining: m.partLining,
  liner: m.partLiner,
};
/** A part that comes off, by the name it was given: those that generic pieces have are known. */
export const partWords = (part: string): string => PART_WORDS[part] ?? part;
