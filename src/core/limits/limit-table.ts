import * as m from "@/messages";
// What is known of a limit, a row each. A new one answers every column here, its curve in `simulation/sit-watches.ts`, its
// words in `formats/display/words/limit-words.ts` and its look in `islands/day-sheet/time-axis/curves/limit-curves.ts`: CONTRIBUTING.md, "A new limit".

/** How much a person accepts: comfort, cold (the default), hard. */
export const LEVELS = ["comfort", "cold", "hard"] as const;
export type Level = (typeof LEVELS)[number];

/** Feet and fingers first, then the face, then the body as it is felt; last what a standard counts and nobody feels. */
export const LIMITS = ["toes", "fingers", "face", "shivering", "meanSkin", "trunk", "heat", "heatDebt"] as const;
export type Limit = (typeof LIMITS)[number];

/** What of a quantity is beyond a limit. */
export type Bounds = {
  /** Which side of the value is beyond the limit. */
  readonly beyond: "below" | "above";
  readonly value: Readonly<Record<Level, number>>;
};

/** What kind of limit it is: who asks for some of them asks by this. */
export type LimitGroup =
  /** Fingers and toes. */
  | "digit"
  /** Bare skin of the face. */
  | "face"
  /** The body as it is felt. */
  | "body"
  /** Too warm, not too cold. */
  | "heat"
  /** Counted by a standard, felt by nobody: ends a sit only for who prefers its rule. */
  | "standard";

/** Where on the body a limit is watched. */
export const LIMIT_PARTS = ["toes", "fingers", "nose", "cheeks", "ears", "body"] as const;
export type LimitPart = (typeof LIMIT_PARTS)[number];

type LimitRow = Bounds & {
  readonly group: LimitGroup;
  readonly parts: readonly LimitPart[];
  /** "hard": it counts only at the hard level while no task asks for the part, whatever a person accepts. */
  readonly atRest: "accepted" | "hard";
  readonly unit: "°C" | "K" | "W·h/m²" | "W/m²";
  /** Counts once it has lasted so long, min. */
  readonly lastsMinutes: number;
  readonly source: string;
};

/** What ends a sit. Sources are those of docs/method.md; each value stands here once. */
export const LIMIT_TABLE: Readonly<Record<Limit, LimitRow>> = {
  toes: {
    group: "digit",
    parts: ["toes"],
    atRest: "accepted",
    beyond: "below",
    unit: "°C",
    value: { comfort: 20, cold: 15, hard: 10 },
    lastsMinutes: 0,
    source: m.cPainBegins10C,
  },
  fingers: {
    group: "digit",
    parts: ["fingers"],
    atRest: "hard",
    beyond: "below",
    unit: "°C",
    value: { comfort: 20, cold: 15, hard: 10 },
    lastsMinutes: 0,
    source: m.fineWorkSuffersBelow15C,
  },
  face: {
    group: "face",
    parts: ["nose", "cheeks", "ears"],
    atRest: "accepted",
    beyond: "below",
    unit: "°C",
    value: { comfort: 10, cold: 7, hard: 2 },
    lastsMinutes: 0,
    source: m.cPain7CNumb,
  },
  shivering: {
    group: "body",
    parts: ["body"],
    atRest: "accepted",
    beyond: "above",
    unit: "W/m²",
    value: { comfort: 8, cold: 20, hard: 50 },
    lastsMinutes: 5,
    source: m.for5Minutes20WM,
  },
  meanSkin: {
    group: "body",
    parts: ["body"],
    atRest: "accepted",
    beyond: "below",
    unit: "°C",
    value: { comfort: 31.5, cold: 30, hard: 28 },
    lastsMinutes: 10,
    source: m.for10Minutes30CAt,
  },
  trunk: {
    group: "body",
    parts: ["body"],
    atRest: "accepted",
    beyond: "above",
    unit: "K",
    value: { comfort: 0.3, cold: 0.6, hard: 0.9 },
    lastsMinutes: 0,
    source: m.underThePersonsOwnStartAssumption,
  },
  heat: {
    group: "heat",
    parts: ["body"],
    atRest: "accepted",
    beyond: "above",
    unit: "°C",
    value: { comfort: 38.5, cold: 39.5, hard: 39.5 },
    lastsMinutes: 0,
    source: m.core385CIso9886,
  },
  heatDebt: {
    group: "standard",
    parts: ["body"],
    atRest: "accepted",
    beyond: "above",
    unit: "W·h/m²",
    value: { comfort: 25, cold: 40, hard: 60 },
    lastsMinutes: 0,
    source: m.wHMIso11079,
  },
};

/** Trunk core that ends a sit whatever a person accepts, °C. @source ISO 9886 */
export const TRUNK_FLOOR: Bounds = { beyond: "below", value: { comfort: 36, cold: 36, hard: 36 } };

/** The standard's limit: told beside every answer, but ends a sit only for who prefers its rule. */
export const STANDARD_LIMIT = "heatDebt" satisfies Limit;
export const RULING_LIMITS: readonly Limit[] = LIMITS.filter((limit) => limit !== STANDARD_LIMIT);
export const isOfGroup = (limit: Limit, ...groups: readonly LimitGroup[]): boolean =>
  groups.includes(LIMIT_TABLE[limit].group);
/** Limits of some groups, in their order. */
export const limitsOf = (...groups: readonly LimitGroup[]): Limit[] =>
  LIMITS.filter((limit) => isOfGroup(limit, ...groups));

/** A limit passed counts unless the value is back inside within this time. */
export const RECOVERY_MINUTES = 20;
/** What is beyond its limit as a sit begins ends nothing if it is back inside within this time. */
export const LEFT_WITHIN_MINUTES = 60;
/** If nothing ends the sit within this time after its planned end, the answer is "longer than". */
export const HELD_PAST_PLAN_MINUTES = 360;
