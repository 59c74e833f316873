import { totalMinutes } from "@/core/outing";
import { wearingProblems, type WearingProblem } from "@/core/dressing";
import type { OutingView } from "./outing-view";
import { kitOf } from "./view-to-outing";

/** What cannot be worn as planned, by the wearing's id; one reason each. */
export function problemsOfView(
  view: Pick<OutingView, "kit" | "wearings" | "phases">,
): ReadonlyMap<string, WearingProblem> {
  const traits = new Map(view.kit.map((piece) => [piece.id, piece.traits]));
  const pieces = kitOf(view).map((piece) => ({ ...piece, traits: traits.get(piece.id) ?? {} }));
  const total = totalMinutes(view.phases);
  const problems = wearingProblems(pieces, view.wearings, total);
  return new Map(problems.reverse().map((problem) => [view.wearings[problem.index]!.id, problem]));
}
