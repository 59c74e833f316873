import { CoreError } from "../../errors";
import { leastMinutesStill, type Limit, type LimitPart } from "../../limits";
import type { Outing } from "../../outing";
import type { RestedPerson } from "../../sitter";
import { decidingMinutes, restedFor, withRadiation, type Stepping } from "../../simulation";
import type { OutfitCode } from "../outfit/outfit-code";
import type { DresserProblem } from "../outfit/dresser-problem";

/** What the simulation says of an outfit. */
export type Judgement = {
  /** Minutes still of the deciding sit; at least so many where nothing ends it. */
  readonly minutes: number;
  readonly isLonger: boolean;
  readonly limit: Limit | null;
  /** Where it is passed. */
  readonly part: LimitPart | null;
  /** After how many minutes each limit that was met would end it, and up to when no other was. */
  readonly met: Readonly<Partial<Record<Limit, number>>>;
  readonly coveredMinutes: number;
  /** Water in the clothes of the trunk on arrival, g/m². */
  readonly sweatGPerM2: number;
};

/** One arrives wetter than is wished, or the body leaves the model: it overheats or cannot be computed. */
const UNBEARABLE: Judgement = {
  minutes: -1,
  isLonger: false,
  limit: null,
  part: null,
  met: {},
  coveredMinutes: 0,
  sweatGPerM2: Infinity,
};

/** Judges outfits by the real simulation of the outing. */
export class OutfitJudge {
  private readonly rested: RestedPerson;
  /** Sky and sun are the same for all outfits. */
  private readonly weather: Outing["weather"];

  constructor(private readonly problem: DresserProblem) {
    this.rested = restedFor(problem.outing);
    this.weather = withRadiation(problem.outing);
  }

  /** @param isSketch in steps four times as long, for what only orders */
  judge(code: OutfitCode, isSketch = false): Judgement {
    const outing = { ...this.problem.outings.outingIn(code), weather: this.weather };
    return this.judgeOuting(outing, isSketch ? "sketched" : "paced");
  }

  /** The same of an outfit of this problem that was changed in some way no code says. */
  judgeOuting(outing: Outing, stepping: Stepping = "paced"): Judgement {
    try {
      const { mostSweatGPerM2 } = this.problem.wishes;
      const found = decidingMinutes(outing, { rested: this.rested, stepping }, mostSweatGPerM2 ?? Infinity);
      if (!found) return UNBEARABLE;
      const { verdict, crossings, covered, sweatGPerM2 } = found;
      return {
        minutes: leastMinutesStill(verdict),
        isLonger: verdict.kind === "longerThan",
        limit: verdict.kind === "longerThan" ? null : verdict.crossing.limit,
        part: verdict.kind === "longerThan" ? null : verdict.crossing.place.part,
        met: Object.fromEntries([...crossings].reverse().map(({ limit, minute }) => [limit, minute])),
        coveredMinutes: covered,
        sweatGPerM2,
      };
    } catch (error) {
      if (error instanceof CoreError && (error.code === "left-the-model" || error.code === "not-converged"))
        return UNBEARABLE;
      throw error;
    }
  }
}
