import { placementsApart, type OutfitCode } from "../outfit/outfit-code";
import type { MinutesModel } from "./minutes-model";
import type { Judgement } from "./outfit-judge";

/** An outfit this many placements away tells e times less of another, and from so many on nothing (assumptions). */
const FADES_OVER = 3;
const TELLS_UP_TO = 12;
const WEIGHTS = Float64Array.from({ length: TELLS_UP_TO + 1 }, (_, apart) => Math.exp(-apart / FADES_OVER));
/** How much the fit alone is worth beside one outfit that is the same (assumption). */
const FIT_WEIGHT = 0.2;

type Judged = Judgement & { readonly code: OutfitCode };

/** By how much judged outfits last longer or shorter than the fit says: those near them will too. */
export class Nearby {
  private readonly judged: readonly { readonly code: OutfitCode; readonly beyondFit: Float64Array }[];

  constructor(
    private readonly model: Pick<MinutesModel, "byFit" | "seen">,
    judged: readonly Judged[],
  ) {
    this.judged = judged.map((own) => {
      const fitted = model.byFit(own.code);
      const seen = model.seen(own, fitted);
      return { code: own.code, beyondFit: seen.map((log, limit) => (log === Infinity ? 0 : log - fitted[limit]!)) };
    });
  }

  /** Minutes an outfit may last, by the fit and all that was judged near it. */
  guess(code: OutfitCode): number {
    const fitted = this.model.byFit(code);
    const beyondFit = new Float64Array(fitted.length);
    let weights = FIT_WEIGHT;
    for (const other of this.judged) {
      const apart = placementsApart(code, other.code, TELLS_UP_TO);
      if (apart > TELLS_UP_TO) continue;
      const weight = WEIGHTS[apart]!;
      weights += weight;
      for (let limit = 0; limit < beyondFit.length; limit++)
        beyondFit[limit] = beyondFit[limit]! + weight * other.beyondFit[limit]!;
    }
    return Math.exp(Math.min(...fitted.map((log, limit) => log + beyondFit[limit]! / weights)));
  }
}
