import { MINUTES_PER_HOUR } from "../units";
import { hoursToDrySoaked } from "../care";
import { EFFORT_CLASS } from "../effort";
import { LEVELS, LIMIT_TABLE, type Level } from "../limits";
import { dexterityOf } from "../dressing";
import { DEXTERITY, type Piece } from "../pieces";
import { resistancesAt, simulateOuting } from "../simulation";
import type { Outing, Recurring } from "../outing";
import { benchOuting, type BenchSetting } from "./bench-setting";

/** At most so many layers on a hand: liner, glove, mitt. */
export const MOST_HAND_LAYERS = 3;

/** Hands are left alone so long before a task, min: they have settled (assumption). */
const SETTLED_MINUTES = 45;
/** A task lasts so long when its re-warming is asked for: a hook tied, a series of pictures taken (assumption). */
export const TASK_MINUTES = 5;
/** A task is looked at for so long at most, min. */
export const LONGEST_TASK_MINUTES = 60;
/** And the warming after it. */
export const LONGEST_REWARM_MINUTES = 120;
/** Re-warmed is within so much of the hand that did nothing, K (assumption). */
const REWARMED_WITHIN_K = 1;

/** What a task that asks so much of the fingers comes to. */
export type HandTask = {
  /** By DEXTERITY. */
  readonly dexterityNeeded: number;
  /** What has to come off for it, by its place among the layers. */
  readonly off: readonly number[];
  /** Minutes until the working fingers pass each level; `null` where they last longer than an hour. */
  readonly minutes: Readonly<Record<Level, number | null>>;
  /** Minutes after a task of five until the fingers are as the other hand's; `null` where two hours do not do it. */
  readonly rewarmMinutes: number | null;
  /** Fingers of both hands minute by minute, from the task's start, °C. */
  readonly workingC: readonly number[];
  readonly otherC: readonly number[];
};

export type HandAnswer = {
  /** Resistance from skin to surroundings with all of it on, m²·K/W. */
  readonly fingersM2KPerW: number;
  readonly handM2KPerW: number;
  /** Minutes at rest until the fingers pass each level; `null` where they do not within the hours asked. */
  readonly restMinutes: Readonly<Record<Level, number | null>>;
  readonly tasks: readonly HandTask[];
  /** Hours until all of it is dry that was soaked, each layer by itself in a room; `null` where one never is. */
  readonly dryHours: number | null;
  /** Of the pair; `null` where a mass is not known. */
  readonly massG: number | null;
};

/** What tasks can ask of fingers in a plan: anything but holding with the fist. */
const ASKED = DEXTERITY.map((_, step) => step).slice(1);

/** First place at which values lie below each level's limit, from a place on; counted from there. */
function minutesBelow(values: ArrayLike<number>, from: number, to: number): Record<Level, number | null> {
  const below = (limitC: number): number | null => {
    for (let minute = from; minute <= to; minute++) if (values[minute]! < limitC) return minute - from;
    return null;
  };
  return Object.fromEntries(LEVELS.map((level) => [level, below(LIMIT_TABLE.fingers.value[level]!)])) as Record<
    Level,
    number | null
  >;
}

const taskOf = (setting: BenchSetting, dexterityNeeded: number, minutes: number): Recurring => ({
  kind: "task",
  posture: setting.posture,
  activityRatio: EFFORT_CLASS.lightHandling.activityRatio,
  walkSpeedMPerS: 0,
  hands: "working",
  dexterityNeeded,
  minutes,
  firstAfterMinutes: SETTLED_MINUTES,
  everyMinutes: null,
});

/** The sit with a task in it, long enough to see what is asked. */
function withTask(setting: BenchSetting, layers: readonly Piece[], task: Recurring, minutes: number): Outing {
  const outing = benchOuting({ ...setting, hours: minutes / MINUTES_PER_HOUR }, layers);
  return { ...outing, phases: outing.phases.map((phase) => ({ ...phase, recurring: [task] })) };
}

function taskAnswer(setting: BenchSetting, layers: readonly Piece[], dexterityNeeded: number): HandTask {
  const isLeft = setting.person.workingHand === "left";
  const hands = (minutes: number, seenMinutes: number): { working: Float64Array; other: Float64Array } => {
    const task = taskOf(setting, dexterityNeeded, minutes);
    const { digitC } = simulateOuting(withTask(setting, layers, task, SETTLED_MINUTES + seenMinutes), {
      only: ["fingers"],
    }).series;
    return isLeft
      ? { working: digitC.leftFingers, other: digitC.rightFingers }
      : { working: digitC.rightFingers, other: digitC.leftFingers };
  };
  const long = hands(LONGEST_TASK_MINUTES, LONGEST_TASK_MINUTES).working;
  const short = hands(TASK_MINUTES, TASK_MINUTES + LONGEST_REWARM_MINUTES);
  const taskEnd = SETTLED_MINUTES + TASK_MINUTES;
  const isRewarmed = (minute: number): boolean => short.working[minute]! >= short.other[minute]! - REWARMED_WITHIN_K;
  let rewarmed = taskEnd;
  while (rewarmed < short.working.length && !isRewarmed(rewarmed)) rewarmed++;
  return {
    dexterityNeeded,
    off: layers.flatMap((piece, index) => (dexterityNeeded > dexterityOf(piece) ? [index] : [])),
    minutes: minutesBelow(long, SETTLED_MINUTES, SETTLED_MINUTES + LONGEST_TASK_MINUTES),
    rewarmMinutes: rewarmed < short.working.length ? rewarmed - taskEnd : null,
    workingC: [...short.working.subarray(SETTLED_MINUTES)],
    otherC: [...short.other.subarray(SETTLED_MINUTES)],
  };
}

/**
 * What gloves, mitts and what is under them are worth in a setting: minutes at rest, and for each thing fingers may have
 * to do how long it can be done and how long the hand then takes to come back.
 * @param layers handwear from the skin out
 * @throws {CoreError} `out-of-range` when setting or labels leave their ranges
 * @source docs/method.md; the whole model, nothing beside it
 */
export function handBench(setting: BenchSetting, layers: readonly Piece[]): HandAnswer {
  const outing = benchOuting(setting, layers);
  const resistances = resistancesAt(outing, 0);
  const { digitC, minutes } = simulateOuting(outing, { only: ["fingers"] }).series;
  const colder = digitC.leftFingers.map((value, minute) => Math.min(value, digitC.rightFingers[minute]!));
  const drying = layers.map((piece) => hoursToDrySoaked(piece, "pulledOut"));
  const masses = layers.map(({ massG }) => massG);
  return {
    fingersM2KPerW: resistances["fingers.left"]!,
    handM2KPerW: resistances["hand.left"]!,
    restMinutes: minutesBelow(colder, 0, minutes),
    tasks: ASKED.map((needed) => taskAnswer(setting, layers, needed)),
    dryHours: drying.some((hours) => hours === null) ? null : Math.max(0, ...drying.map((hours) => hours!)),
    massG: masses.some((mass) => mass === undefined) ? null : masses.reduce<number>((total, mass) => total + mass!, 0),
  };
}
