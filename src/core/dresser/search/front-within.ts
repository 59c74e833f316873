import { Archive, type JudgedOutfit } from "./archive";
import type { DresserProblem } from "../outfit/dresser-problem";
import { OutfitJudge } from "./outfit-judge";
import { searchFront, settleFront, type Asked } from "./search";
import type { Judgement } from "./outfit-judge";

/**
 * The front of minutes over mass by at most so many simulations, all done here; the lightest first.
 * @throws {CoreError} as `simulateOuting` does
 */
export function frontWithin(problem: DresserProblem, budget: number, seed = 1): readonly JudgedOutfit[] {
  const archive = new Archive();
  const judge = new OutfitJudge(problem);
  const answered = (asking: Generator<Asked, unknown, readonly Judgement[]>): void => {
    let step = asking.next();
    while (!step.done) {
      const { codes, isSketch } = step.value;
      step = asking.next(codes.map((code) => judge.judge(code, isSketch)));
    }
  };
  answered(searchFront(problem, archive, budget, seed));
  answered(settleFront(problem, archive, (known) => known.front()));
  return archive.front();
}
