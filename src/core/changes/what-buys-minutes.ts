import { runToEnd, type Steps } from "../numeric";
import { type Limit, type LevelVerdict, leastMinutesStill } from "../limits";
import { boundsOf, RangeInParts, type RestedBy } from "../range";
import { restedPerson, type RestedPerson } from "../sitter";
import { restedFor, simulateOneSit, simulateOuting } from "../simulation";
import type { Outing } from "../outing";
import type { Piece } from "../pieces";
import type { Change } from "./change";
import { clothingChanges } from "./clothing-changes";
import { heatAndDryChanges } from "./heat-changes";
import { practiceChanges } from "./practices";
import { sittingChanges } from "./sitting-changes";

/** What a change is worth. */
export type Worth = {
  readonly change: Omit<Change, "apply">;
  /** Minutes still gained, in the middle of a small range for those that gain most; negative where it costs some. */
  readonly gainedMinutes: number;
  /** The sit with the change has no end in what was simulated: the gain is at least this. */
  readonly atLeast: boolean;
  /** Minutes per kg carried more; `null` where nothing more is carried or its mass is not known. */
  readonly perKg: number | null;
};

const G_PER_KG = 1000;
/** Members of the small range by which the best are ranked, so that no graze of a limit counts as a gain. */
const RANKED_BY_MEMBERS = 9;
/** As many are ranked so; the rest keep what the single run gives. */
const RANKED = 12;
/** Where no single change gains as much, two are looked at together. */
const WORTH_WHILE_MINUTES = 5;
const PAIRED_EACH = 3;

/** Every single change of a plan that could be made now. */
export const availableChanges = (outing: Outing, kit: readonly Piece[]): Change[] => [
  ...clothingChanges(outing, kit),
  ...heatAndDryChanges(outing, kit),
  ...sittingChanges(outing),
  ...practiceChanges(outing, kit),
];

const PAIR = " and ";
const pairOf = (one: Change, other: Change): Change => {
  const parts = [one, other].map(({ apply: _apply, parts: _parts, ...part }) => part);
  const masses = parts.map(({ addedMassG }) => addedMassG);
  return {
    id: [one.id, other.id].join(PAIR),
    kind: "pair",
    pieceIds: parts.flatMap(({ pieceIds }) => pieceIds),
    addedMassG: masses.some((mass) => mass === null) ? null : masses.reduce<number>((sum, mass) => sum + mass!, 0),
    parts,
    apply: (plan) => other.apply(one.apply(plan)),
  };
};

/** The plan with one of its changes made, or two; `null` when it has no such change any more. */
export function changedOuting(outing: Outing, kit: readonly Piece[], changeId: string): Outing | null {
  const available = availableChanges(outing, kit);
  const single = available.find(({ id }) => id === changeId);
  if (single) return single.apply(outing);
  const parts = changeId.split(PAIR).map((own) => available.find(({ id }) => id === own));
  if (parts.length !== 2 || parts.some((part) => part === undefined)) return null;
  return pairOf(parts[0]!, parts[1]!).apply(outing);
}

/** Tries plans in turn: single runs, and the middle of a small range. */
class Trials {
  private readonly rested: RestedPerson;
  private readonly known = new Map<number, RestedPerson>();

  constructor(
    private readonly outing: Outing,
    private readonly sit: number,
  ) {
    this.rested = restedFor(outing);
  }

  once(plan: Outing, only?: readonly Limit[]): LevelVerdict {
    return simulateOneSit(plan, this.sit, { rested: this.rested, only });
  }

  /** What ends the sit first and what comes next. */
  firstLimits(): readonly Limit[] {
    const { verdict } = simulateOuting(this.outing, { rested: this.rested }).sits[this.sit]!;
    if (verdict.kind === "longerThan") return [];
    return [verdict.crossing.limit, ...(verdict.runnerUp ? [verdict.runnerUp.limit] : [])];
  }

  middle(plan: Outing): { readonly minutes: number; readonly atLeast: boolean } {
    const restedBy: RestedBy = ({ person, start }, basalHeatFactor) => {
      const rested = this.known.get(basalHeatFactor) ?? restedPerson(person.body, start, basalHeatFactor);
      this.known.set(basalHeatFactor, rested);
      return rested;
    };
    const parts = new RangeInParts(plan, this.sit, restedBy);
    const answers = runToEnd(parts.answers(0, RANKED_BY_MEMBERS));
    const { kind, minutes } = boundsOf(plan, answers).middle;
    return { minutes, atLeast: kind === "longerThan" };
  }
}

function worthOf({ apply: _apply, ...change }: Change, gainedMinutes: number, atLeast: boolean): Worth {
  const { addedMassG } = change;
  const perKg = addedMassG !== null && addedMassG > 0 ? gainedMinutes / (addedMassG / G_PER_KG) : null;
  return { change, gainedMinutes, atLeast, perKg };
}

const byGain = (one: Worth, other: Worth): number => other.gainedMinutes - one.gainedMinutes;

/** Pairs of what delays most what ends the sit with what delays most what comes next. */
function* pairs(outing: Outing, trials: Trials, changes: readonly Change[]): Steps<Change[]> {
  const [first, next] = trials.firstLimits();
  if (first === undefined || next === undefined || first === next) return [];
  const best: Change[][] = [];
  for (const limit of [first, next]) {
    const ranked: { readonly change: Change; readonly minutes: number }[] = [];
    for (const change of changes) {
      ranked.push({ change, minutes: leastMinutesStill(trials.once(change.apply(outing), [limit])) });
      yield;
    }
    ranked.sort((one, other) => other.minutes - one.minutes);
    best.push(ranked.slice(0, PAIRED_EACH).map(({ change }) => change));
  }
  const [forFirst, forNext] = best as [Change[], Change[]];
  return forFirst.flatMap((one) => forNext.flatMap((other) => (one.id === other.id ? [] : [pairOf(one, other)])));
}

/** `whatBuysMinutes` in steps, one simulation of a plan or of its small range each. */
export function* whatBuysMinutesInSteps(outing: Outing, sit: number, kit: readonly Piece[] = []): Steps<Worth[]> {
  const trials = new Trials(outing, sit);
  const changes = availableChanges(outing, kit);
  const byId = new Map(changes.map((change) => [change.id, change]));
  const before = leastMinutesStill(trials.once(outing));
  const singles: Worth[] = [];
  for (const change of changes) {
    const after = trials.once(change.apply(outing));
    singles.push(worthOf(change, leastMinutesStill(after) - before, after.kind === "longerThan"));
    yield;
  }
  singles.sort(byGain);
  const middleBefore = trials.middle(outing);
  if (middleBefore.atLeast) return singles; // nothing ends it: there is nothing to rank
  const ranked = function* (of: readonly Change[]): Steps<Worth[]> {
    const worths: Worth[] = [];
    for (const change of of) {
      const { minutes, atLeast } = trials.middle(change.apply(outing));
      worths.push(worthOf(change, minutes - middleBefore.minutes, atLeast && !middleBefore.atLeast));
      yield;
    }
    return worths;
  };
  const isRanked = ({ change }: Worth): boolean => change.kind !== "practice";
  const foremost = singles.filter(isRanked).slice(0, RANKED);
  const best = yield* ranked(foremost.map(({ change }) => byId.get(change.id)!));
  const rest = singles.filter((worth) => !foremost.includes(worth));
  const isEnough = best.some(({ gainedMinutes }) => gainedMinutes >= WORTH_WHILE_MINUTES);
  const own = changes.filter(({ kind }) => kind !== "practice");
  const together = isEnough ? [] : yield* ranked(yield* pairs(outing, trials, own));
  return [...together, ...best, ...rest].sort(byGain);
}

/**
 * Ranks the changes of a plan by the minutes still they gain at a sit: every single one simulated, those that gain most
 * ranked by the middle of a small range; two together where no single one gains five minutes.
 * @param sit place of the sit among the outing's
 * @param kit pieces of the person beyond those in the outing
 * @throws {CoreError} as `simulateOuting` does
 */
export const whatBuysMinutes = (outing: Outing, sit: number, kit: readonly Piece[] = []): Worth[] =>
  runToEnd(whatBuysMinutesInSteps(outing, sit, kit));
