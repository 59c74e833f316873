import { lastingOf } from "../limits";
import { sitSpans, type Outing } from "../outing";
import { decidingMinutes, outfitResolverOf, restedFor, simulateOneSit, type SimulationOptions } from "../simulation";
import { inWeather } from "./in-weather";
import type { ReachCell, ReachWeather, WindPlace } from "./reach-grid";

/** Asks how long one lasts in other weather; who steps out, and in which clothes, is the same in all of it. */
export class Reach {
  private readonly options: SimulationOptions;
  private readonly hasOneSit: boolean;

  /** @throws {CoreError} as `simulateOuting` does */
  constructor(
    private readonly outing: Outing,
    private readonly windPlace: WindPlace,
  ) {
    this.options = { rested: restedFor(outing), labelErrors: { resolver: outfitResolverOf(outing) } };
    this.hasOneSit = sitSpans(outing.phases).length === 1;
  }

  /**
   * A cell by the simulation of the outing in its weather: what `simulateOuting` says of the sit that decides.
   * @throws {CoreError} as `simulateOuting` does
   */
  cell({ airTemperatureC, windMPerS }: ReachWeather): ReachCell {
    const outing = inWeather(this.outing, { airTemperatureC, windMPerS }, this.windPlace);
    const { options } = this;
    const verdict = this.hasOneSit ? simulateOneSit(outing, 0, options) : decidingMinutes(outing, options)!.verdict;
    return { airTemperatureC, windMPerS, ...lastingOf(verdict) };
  }
}

/** All cells asked for. @throws {CoreError} as `simulateOuting` does */
export function reachOf(outing: Outing, wanted: readonly ReachWeather[], windPlace: WindPlace): ReachCell[] {
  const reach = new Reach(outing, windPlace);
  return wanted.map((cell) => reach.cell(cell));
}
