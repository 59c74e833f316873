import { runToEnd, type Steps } from "../numeric";
import type { LevelVerdict } from "../limits";
import { restedPerson } from "../sitter";
import { simulateSitMinutes, type Outing, type Piece } from "../outing";
import type { Change } from "./change";
import { clothingChanges } from "./clothing-changes";
import { heatAndDryChanges } from "./heat-changes";
import { schoolChanges } from "./schools";
import { sittingChanges } from "./sitting-changes";

/** What a single change is worth. */
export type Worth = {
  readonly change: Omit<Change, "apply">;
  /** Minutes still gained; negative where the change costs some. */
  readonly gainedMinutes: number;
  /** The sit with the change has no end in what was simulated: the gain is at least this. */
  readonly atLeast: boolean;
  /** Minutes per kg carried more; `null` where nothing more is carried or its mass is not known. */
  readonly perKg: number | null;
};

const G_PER_KG = 1000;

const minutesOf = (verdict: LevelVerdict): number =>
  verdict.kind === "arrivesTooCold" ? 0 : verdict.kind === "ends" ? verdict.minutesStill : verdict.minutes;

/** Every single change of a plan that could be made now. */
export const availableChanges = (outing: Outing, kit: readonly Piece[]): Change[] => [
  ...clothingChanges(outing, kit),
  ...heatAndDryChanges(outing, kit),
  ...sittingChanges(outing),
  ...schoolChanges(outing, kit),
];

/** The plan with one of its changes made; `null` when it has no such change any more. */
export const changedOuting = (outing: Outing, kit: readonly Piece[], changeId: string): Outing | null =>
  availableChanges(outing, kit)
    .find(({ id }) => id === changeId)
    ?.apply(outing) ?? null;

/** `whatBuysMinutes` in steps, one change each. */
export function* whatBuysMinutesInSteps(outing: Outing, sit: number, kit: readonly Piece[] = []): Steps<Worth[]> {
  const rested = restedPerson(outing.person.body, outing.start, outing.person.calibration?.basalHeatFactor);
  const answer = (plan: Outing): LevelVerdict => simulateSitMinutes(plan, { rested }).sits[sit]!;
  const before = minutesOf(answer(outing));
  const worths: Worth[] = [];
  for (const { apply, ...change } of availableChanges(outing, kit)) {
    const after = answer(apply(outing));
    const gainedMinutes = minutesOf(after) - before;
    const { addedMassG } = change;
    worths.push({
      change,
      gainedMinutes,
      atLeast: after.kind === "longerThan",
      perKg: addedMassG !== null && addedMassG > 0 ? gainedMinutes / (addedMassG / G_PER_KG) : null,
    });
    yield;
  }
  return worths.sort((one, other) => other.gainedMinutes - one.gainedMinutes);
}

/**
 * Ranks every single change by the minutes still it gains at a sit, each by simulating the whole outing again.
 * @param sit place of the sit among the outing's
 * @param kit pieces of the person beyond those in the outing
 * @throws {CoreError} as `simulateOuting` does
 */
export const whatBuysMinutes = (outing: Outing, sit: number, kit: readonly Piece[] = []): Worth[] =>
  runToEnd(whatBuysMinutesInSteps(outing, sit, kit));
