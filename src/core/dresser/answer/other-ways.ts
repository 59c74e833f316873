import { practiceChoicesOf, type Practice, type PracticeQuestion } from "../../changes";
import type { Outing } from "../../outing";
import type { DresserProblem } from "../outfit/dresser-problem";
import { PLACEMENT, withPlacement, type OutfitCode } from "../outfit/outfit-code";
import type { OutfitJudge } from "../search/outfit-judge";

/** What those do in an outfit who hold to another way. */
export type OtherWay = {
  readonly question: PracticeQuestion;
  /** The outfit's own; `null` where it is none of the known ones. */
  readonly own: Practice | null;
  readonly way: Practice;
  readonly pieceIds: readonly string[];
  /** What it adds to the minutes still, by the simulation; negative where it costs some. */
  readonly addedMinutes: number;
  /** It has no end in what was simulated: it adds at least so much. */
  readonly isAtLeast: boolean;
  /** What more is carried, g. */
  readonly addedG: number;
};

/** What is worn, g; a piece of unknown mass counts as what is usual for it. */
function wornG({ kit, massesG }: DresserProblem, { wearings }: Outing): number {
  const worn = new Set(wearings.map(({ pieceId }) => pieceId));
  return kit.reduce((sum, { id }, index) => sum + (worn.has(id) ? massesG[index]! : 0), 0);
}

/** An outfit with what a change adds or leaves off: by it one sees whether all of it still goes together. */
function codeOf({ kit }: DresserProblem, code: OutfitCode, { wearings }: Outing): OutfitCode {
  const worn = new Map(wearings.map(({ pieceId, fromMinute }) => [pieceId, fromMinute]));
  const changes = kit.flatMap(({ id }, index): [number, number][] => {
    const fromMinute = worn.get(id);
    if (fromMinute === undefined) return [[index, PLACEMENT.home]];
    return code[index] === PLACEMENT.home ? [[index, fromMinute === 0 ? PLACEMENT.start : PLACEMENT.seat]] : [];
  });
  return withPlacement(code, ...changes);
}

/**
 * Where practitioners disagree, what each other way would make of an outfit: simulated, in the order of the questions.
 * Ways that do not go with the rest (no room for a second sock) are left out.
 * @throws {CoreError} as `simulateOuting` does
 */
export function otherWaysOf(problem: DresserProblem, judge: OutfitJudge, code: OutfitCode): OtherWay[] {
  const outing = problem.outings.outingIn(code);
  const before = judge.judgeOuting(outing);
  const own = problem.kit.filter(({ isGeneric }) => !isGeneric);
  return practiceChoicesOf(outing, own).flatMap(({ question, own: ownWay, others }) =>
    others.flatMap(({ way, pieceIds, apply }): OtherWay[] => {
      const changed = apply(outing);
      if (!problem.isBeginning(codeOf(problem, code, changed))) return [];
      const { minutes, isLonger } = judge.judgeOuting(changed);
      if (minutes < 0) return [];
      return [
        {
          question,
          own: ownWay,
          way,
          pieceIds,
          addedMinutes: minutes - before.minutes,
          isAtLeast: isLonger && !before.isLonger,
          addedG: wornG(problem, changed) - wornG(problem, outing),
        },
      ];
    }),
  );
}
