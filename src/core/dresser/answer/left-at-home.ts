import type { DresserProblem } from "../outfit/dresser-problem";
import type { OutfitEvaluator } from "./dress";
import { keyOf, PLACEMENT, withPlacement, type OutfitCode } from "../outfit/outfit-code";
import type { Judgement } from "../search/outfit-judge";

/** Why a piece is not in an outfit, and what it would do there. */
export type LeftAtHome = {
  readonly pieceId: string;
  /** What it would add to the minutes still; `null` where it cannot be worn with the rest. */
  readonly addedMinutes: number | null;
  /** What more would be carried with it, g: less where it takes the place of something heavier. */
  readonly addedG: number;
  /** What would stay at home for it. */
  readonly insteadOf: readonly string[];
};

/** Ways to wear a piece that stays at home: with the rest, else in place of what it goes with badly, or of one of its kind. */
function waysToWear(problem: DresserProblem, code: OutfitCode, index: number): OutfitCode[] {
  const { kit, placements, rules } = problem;
  const own = placements[index]!.filter((placement) => placement !== PLACEMENT.way);
  const plain = own.map((placement) => withPlacement(code, [index, placement])).filter((next) => problem.isValid(next));
  if (plain.length > 0) return plain;
  const instead = own.flatMap((placement) => {
    const inTheWay = rules.conflictsWith(code, index, placement).map((other) => [other, PLACEMENT.home] as const);
    const sameKind = kit.flatMap(({ kind }, other) => (code[other]! > 0 && kind === kit[index]!.kind ? [other] : []));
    return [
      withPlacement(code, [index, placement], ...inTheWay),
      ...sameKind.map((other) => withPlacement(code, ...inTheWay, [other, PLACEMENT.home], [index, placement])),
    ];
  });
  return instead.filter((next) => problem.isValid(next));
}

/**
 * What each piece that stays at home would add to an outfit and weigh, by the simulation: what adds most first.
 * @throws {CoreError} as `simulateOuting` does
 */
export async function leftAtHome(
  problem: DresserProblem,
  code: OutfitCode,
  evaluator: OutfitEvaluator,
): Promise<LeftAtHome[]> {
  const left = problem.kit.flatMap(({ isGeneric }, index) =>
    code[index] === PLACEMENT.home && !isGeneric && problem.placements[index]!.length > 0
      ? [{ index, ways: waysToWear(problem, code, index) }]
      : [],
  );
  const asked = new Map([
    [keyOf(code), code],
    ...left.flatMap(({ ways }) => ways.map((way) => [keyOf(way), way] as const)),
  ]);
  const judgements = await evaluator.judge([...asked.values()]);
  const byKey = new Map([...asked.keys()].map((key, place): [string, Judgement] => [key, judgements[place]!]));
  const before = byKey.get(keyOf(code))!.minutes;
  const massG = problem.massG(code);
  return left
    .map(({ index, ways }): LeftAtHome => {
      const pieceId = problem.kit[index]!.id;
      const best = ways
        .map((way) => ({ way, minutes: byKey.get(keyOf(way))!.minutes }))
        .sort((one, other) => other.minutes - one.minutes || problem.massG(one.way) - problem.massG(other.way))[0];
      if (!best) return { pieceId, addedMinutes: null, addedG: problem.massesG[index]!, insteadOf: [] };
      return {
        pieceId,
        addedMinutes: best.minutes - before,
        addedG: problem.massG(best.way) - massG,
        insteadOf: problem.kit.flatMap(({ id }, other) =>
          code[other]! > 0 && best.way[other] === PLACEMENT.home ? [id] : [],
        ),
      };
    })
    .sort((one, other) => (other.addedMinutes ?? -Infinity) - (one.addedMinutes ?? -Infinity));
}
