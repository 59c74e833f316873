import { leastMinutesStill } from "../limits";
import { runToEnd, type Steps } from "../numeric";
import { sitSpans, type Outing } from "../outing";
import { restedPerson, type RestedPerson } from "../sitter";
import { decidingMinutes, natureOf, simulateOneSit } from "../simulation";
import { inWeather } from "./in-weather";
import type { ReachCell, ReachWeather, WindPlace } from "./reach-grid";

/** Asks how long one lasts in other weather; who steps out is the same in all of it. */
export class Reach {
  private readonly rested: RestedPerson;
  private readonly hasOneSit: boolean;

  /** @throws {CoreError} as `simulateOuting` does */
  constructor(
    private readonly outing: Outing,
    private readonly windPlace: WindPlace,
  ) {
    this.rested = restedPerson(outing.person.body, outing.start, natureOf(outing.person).basalHeatFactor);
    this.hasOneSit = sitSpans(outing.phases).length === 1;
  }

  /**
   * A cell by the simulation of the outing in its weather: what `simulateOuting` says of the sit that decides.
   * @throws {CoreError} as `simulateOuting` does
   */
  cell({ airTemperatureC, windMPerS }: ReachWeather): ReachCell {
    const outing = inWeather(this.outing, { airTemperatureC, windMPerS }, this.windPlace);
    const options = { rested: this.rested };
    const verdict = this.hasOneSit ? simulateOneSit(outing, 0, options) : decidingMinutes(outing, options)!.verdict;
    return verdict.kind === "longerThan"
      ? { airTemperatureC, windMPerS, minutesStill: null, limit: null, part: null }
      : {
          airTemperatureC,
          windMPerS,
          minutesStill: leastMinutesStill(verdict),
          limit: verdict.crossing.limit,
          part: verdict.crossing.place.part,
        };
  }

  /** Cells in steps, one each. @throws {CoreError} as `simulateOuting` does */
  *cells(wanted: readonly ReachWeather[]): Steps<readonly ReachCell[]> {
    const found: ReachCell[] = [];
    for (const cell of wanted) {
      found.push(this.cell(cell));
      yield;
    }
    return found;
  }
}

/** All cells asked for. @throws {CoreError} as `simulateOuting` does */
export const reachOf = (outing: Outing, wanted: readonly ReachWeather[], windPlace: WindPlace): readonly ReachCell[] =>
  runToEnd(new Reach(outing, windPlace).cells(wanted));
