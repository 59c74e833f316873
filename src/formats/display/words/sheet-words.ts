import type { Digit } from "@/core/digits";
import type { Level, LimitPlace } from "@/core/limits";
import type { PhaseKind, WhenOff } from "@/core/outing";
import type { WetPart } from "@/core/simulation";
import type { Touched } from "@/core/touch";
import type { WettingKind } from "@/core/water";
import type { VerdictLine } from "../../wire/outing/outing-view";
import { durationText } from "../time";
import { arrivesWords, limitWords } from "./limit-words";

export const PHASE_WORDS: Readonly<Record<PhaseKind, string>> = {
  walkIn: "walk in",
  setUp: "set up",
  sit: "sit",
  task: "task",
  break: "break",
  warmUp: "warm up",
  walkOut: "walk out",
};

export const LEVEL_WORDS: Readonly<Record<Level, string>> = { comfort: "comfort", cold: "cold", hard: "hard" };

/** Patches whose name in code is no word. */
export const PATCH_WORDS: Readonly<Record<string, string>> = {
  lowerBack: "lower back",
  upperArm: "upper arm",
  thighOnSeat: "thigh on the seat",
  footUpper: "foot",
};

/** A verdict in a line, for lists. */
export function verdictWords(verdict: VerdictLine): string {
  const where: LimitPlace = { part: verdict.part ?? "body", side: verdict.side };
  if (verdict.kind === "longerThan") return `longer than ${durationText(verdict.minutesStill)}`;
  const what = verdict.limit ? limitWords(verdict.limit, where) : "";
  if (verdict.kind === "arrivesTooCold") return `${arrivesWords(verdict.limit)}: ${what}`;
  return `${durationText(verdict.minutesStill)} still, then ${what}`;
}

/** How a verdict stands to the plan: "20 min short", "35 min to spare". */
export function againstPlanWords(verdict: VerdictLine): string {
  const spare = verdict.minutesStill - verdict.plannedMinutes;
  if (spare === 0) return "just the planned time";
  return spare < 0 ? `${durationText(-spare)} short of the plan` : `${durationText(spare)} to spare`;
}

export const LIGHT_WORDS = { dark: "dark", twilight: "twilight", day: "day" } as const;

/** Heat of a minute, by where it comes from or goes to. */
export const LEDGER_WORDS: Readonly<Record<string, string>> = {
  made: "made at rest and by work",
  shivering: "shivering",
  body: "given up by the body, which cools",
  air: "the air",
  sky: "sky and surroundings",
  ground: "seat and ground",
  vapour: "vapour through the clothes",
  breath: "breath",
  kept: "kept, the body warms",
  "from air": "from the air",
  "from sky": "from sun and surroundings",
  "from ground": "from the seat",
  "from vapour": "from vapour",
  "from breath": "from breath",
};

export const STATE_WORDS = { warm: "warm", cool: "cool", cold: "cold", numb: "near numb" } as const;

export const WHEN_OFF_WORDS: Readonly<Record<WhenOff, string>> = {
  pack: "carried in the pack",
  vehicle: "left at the vehicle",
  hung: "hung up to dry",
  home: "left at home",
};

export const WETTING_WORDS: Readonly<Record<WettingKind, string>> = {
  spray: "spray",
  branches: "snow off branches",
  overflow: "slush about the hole",
  wetHands: "hands in water, fish, wet line",
};

export const TOUCHED_WORDS: Readonly<Record<Touched, string>> = {
  aluminium: "aluminium",
  steel: "steel",
  glass: "glass",
  plastic: "plastic",
  wood: "wood",
  foam: "foam",
};

export const WET_PART_WORDS: Readonly<Record<WetPart, string>> = {
  trunk: "trunk",
  feet: "feet",
  hands: "hands",
  head: "head",
  legs: "legs",
  mouth: "over the mouth",
};

export const DIGIT_WORDS: Readonly<Record<Digit, string>> = {
  leftFingers: "left fingers",
  rightFingers: "right fingers",
  leftToes: "left toes",
  rightToes: "right toes",
  nose: "nose",
  cheeks: "cheeks",
  ears: "ears",
};
