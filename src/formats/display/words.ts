import type { Level, Limit, LimitPart, LimitPlace } from "@/core/limits";
import type { PhaseKind } from "@/core/outing";
import type { VerdictLine } from "../wire/outing-view";
import { durationText } from "./time";

export const PHASE_WORDS: Readonly<Record<PhaseKind, string>> = {
  walkIn: "walk in",
  setUp: "set up",
  sit: "sit",
  task: "task",
  break: "break",
  walkOut: "walk out",
};

export const LEVEL_WORDS: Readonly<Record<Level, string>> = { comfort: "comfort", cold: "cold", hard: "hard" };

const PART_WORDS: Readonly<Record<LimitPart, string>> = {
  toes: "toes",
  fingers: "fingers",
  nose: "nose",
  cheeks: "cheeks",
  ears: "ears",
  body: "body",
};

const BODY_LIMIT_WORDS: Partial<Record<Limit, string>> = {
  heatDebt: "heat debt",
  shivering: "shivering",
  trunk: "trunk temperature",
};

/** "left toes", "fingers", "heat debt". */
export function limitWords(limit: Limit, { part, side }: LimitPlace): string {
  const words = BODY_LIMIT_WORDS[limit] ?? PART_WORDS[part];
  return side === "left" || side === "right" ? `${side} ${words}` : words;
}

/** What ends a sit, as the verdict says it: "left toes end it". */
export function endsItWords(limit: Limit, place: LimitPlace): string {
  const words = limitWords(limit, place);
  const plural = ["toes", "fingers", "cheeks", "ears"].includes(place.part);
  return `${words} ${plural ? "end" : "ends"} it`;
}

/** A verdict in a line, for lists. */
export function verdictWords(verdict: VerdictLine): string {
  const where: LimitPlace = { part: verdict.part ?? "body", side: verdict.side };
  if (verdict.kind === "longerThan") return `longer than ${durationText(verdict.minutesStill)}`;
  const what = verdict.limit ? limitWords(verdict.limit, where) : "";
  if (verdict.kind === "arrivesTooCold") return `arrives too cold: ${what}`;
  return `${durationText(verdict.minutesStill)} still, then ${what}`;
}

/** How a verdict stands to the plan: "20 min short", "35 min to spare". */
export function againstPlanWords(verdict: VerdictLine): string {
  const spare = verdict.minutesStill - verdict.plannedMinutes;
  if (spare === 0) return "just the planned time";
  return spare < 0 ? `${durationText(-spare)} short of the plan` : `${durationText(spare)} to spare`;
}
