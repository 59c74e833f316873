import type { RandomStream } from "../../numeric";
import type { DresserProblem } from "../outfit/dresser-problem";
import { SWITCHES, withPlacement, type OutfitCode } from "../outfit/outfit-code";

/** Draws tried for one valid outfit before it is given up. */
const DRAWS = 200;

/**
 * A valid outfit by chance: each piece in turn with a chance of its own, where it goes with what is on already; what the
 * search is compared with. @returns `null` where none was found
 */
export function randomOutfit(problem: DresserProblem, random: RandomStream): OutfitCode | null {
  const { kit, placements, hasWay } = problem;
  for (let draw = 0; draw < DRAWS; draw++) {
    const chance = 0.15 + 0.85 * random();
    const order = kit.map((_, index) => ({ index, turn: random() })).sort((one, other) => one.turn - other.turn);
    let code = problem.bare();
    for (const { index } of order) {
      const own = placements[index]!;
      if (own.length === 0 || random() > chance) continue;
      const next = withPlacement(code, [index, own[Math.floor(random() * own.length)]!]);
      if (problem.isBeginning(next)) code = next;
    }
    for (let place = 0; hasWay && place < SWITCHES; place++) code[kit.length + place] = random() < 0.5 ? 1 : 0;
    if (problem.isValid(code)) return code;
  }
  return null;
}
