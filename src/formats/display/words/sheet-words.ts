import * as m from "@/messages";
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
  walkIn: m.walkIn,
  setUp: m.setUp,
  sit: m.sit,
  task: m.task,
  break: m.breakWords,
  warmUp: m.warmUp,
  walkOut: m.walkOut,
};

export const LEVEL_WORDS: Readonly<Record<Level, string>> = { comfort: m.comfort, cold: m.cold, hard: m.hard };

/** A verdict in a line, for lists. */
export function verdictWords(verdict: VerdictLine): string {
  const where: LimitPlace = { part: verdict.part ?? "body", side: verdict.side };
  if (verdict.kind === "longerThan") return m.longerThan({ minutesStill: durationText(verdict.minutesStill) });
  const what = verdict.limit ? limitWords(verdict.limit, where) : "";
  if (verdict.kind === "arrivesTooCold") return `${arrivesWords(verdict.limit)}: ${what}`;
  return m.stillThen({ minutesStill: durationText(verdict.minutesStill), what });
}

/** How a verdict stands to the plan: "20 min short", "35 min to spare". */
export function againstPlanWords(verdict: VerdictLine): string {
  const spare = verdict.minutesStill - verdict.plannedMinutes;
  if (spare === 0) return m.justThePlannedTime;
  return spare < 0 ? m.shortOfThePlan({ duration: durationText(-spare) }) : m.toSpare({ spare: durationText(spare) });
}

export const LIGHT_WORDS = { dark: m.dark, twilight: m.twilight, day: m.day } as const;

/** Heat of a minute, by where it comes from or goes to. */
export const LEDGER_WORDS: Readonly<Record<string, string>> = {
  made: m.madeAtRestAndByWork,
  shivering: m.shivering,
  body: m.givenUpByTheBodyWhich,
  air: m.theAir,
  sky: m.skyAndSurroundings,
  ground: m.seatAndGround,
  vapour: m.vapourThroughTheClothes,
  breath: m.breath,
  kept: m.keptTheBodyWarms,
  "from air": m.fromTheAir,
  "from sky": m.fromSunAndSurroundings,
  "from ground": m.fromTheSeat,
  "from vapour": m.fromVapour,
  "from breath": m.fromBreath,
};

export const STATE_WORDS = { warm: m.warm, cool: m.cool, cold: m.cold, numb: m.nearNumb } as const;

export const WHEN_OFF_WORDS: Readonly<Record<WhenOff, string>> = {
  pack: m.carriedInThePack,
  vehicle: m.leftAtTheVehicle2,
  hung: m.hungUpToDry,
  home: m.leftAtHome,
};

export const WETTING_WORDS: Readonly<Record<WettingKind, string>> = {
  spray: m.spray,
  branches: m.snowOffBranches,
  overflow: m.slushAboutTheHole,
  wetHands: m.handsInWaterFishWetLine,
};

export const TOUCHED_WORDS: Readonly<Record<Touched, string>> = {
  aluminium: m.aluminium,
  steel: m.steel,
  glass: m.glass,
  plastic: m.plastic,
  wood: m.wood,
  foam: m.foam,
};

export const WET_PART_WORDS: Readonly<Record<WetPart, string>> = {
  trunk: m.trunk,
  feet: m.feet,
  hands: m.hands,
  head: m.head,
  legs: m.legs,
  mouth: m.overTheMouth,
};

export const DIGIT_WORDS: Readonly<Record<Digit, string>> = {
  leftFingers: m.leftFingers,
  rightFingers: m.rightFingers,
  leftToes: m.leftToes,
  rightToes: m.rightToes,
  nose: m.nose,
  cheeks: m.cheeks,
  ears: m.ears,
};
