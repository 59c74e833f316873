import { packedVolumeL } from "../../dressing";
import { HELD_PAST_PLAN_MINUTES } from "../../limits";
import { atSeatFromMinute, sitSpans, type Outing } from "../../outing";
import { allowedPlacements } from "./allowed-placements";
import { PLACEMENT, SWITCHES, type OutfitCode, type Placement } from "./outfit-code";
import { OutfitOutings } from "./outfit-outing";
import { OutfitRules } from "./outfit-rules";
import { OutfitFeatures } from "../search/outfit-features";
import { usualMassG } from "./usual-mass";
import type { DresserPiece, Wishes } from "./wishes";

/** What is carried in an outfit. */
export type Load = {
  /** All that goes to the seat, worn or packed, g. */
  readonly carriedG: number;
  readonly packG: number;
  readonly packL: number;
  /** What of it is not in the kit, in the smallest unit of money. */
  readonly costMinor: number;
};

/** A kit, an outing and wishes, read once: what the search asks again and again. */
export class DresserProblem {
  readonly placements: readonly (readonly Placement[])[];
  /** Of each piece, g; what is usual where it is not known. */
  readonly massesG: readonly number[];
  readonly rules: OutfitRules;
  readonly outings: OutfitOutings;
  readonly features: OutfitFeatures;
  /** How many switches may be on: none where nobody walks in. */
  readonly hasWay: boolean;
  /** No sit is simulated for longer: an outfit that lasts so long cannot be beaten. */
  readonly mostMinutes: number;
  private readonly heldIn: readonly number[];

  constructor(
    readonly outing: Outing,
    readonly kit: readonly DresserPiece[],
    readonly wishes: Wishes,
  ) {
    this.massesG = kit.map((piece) => piece.massG ?? usualMassG(piece));
    this.placements = kit.map((piece) => allowedPlacements(piece, outing, wishes));
    this.rules = new OutfitRules(kit, this.placements, outing);
    this.outings = new OutfitOutings(outing, kit, wishes);
    this.features = new OutfitFeatures(kit);
    this.hasWay = atSeatFromMinute(outing.phases) > 0;
    this.mostMinutes =
      HELD_PAST_PLAN_MINUTES + Math.max(...sitSpans(outing.phases).map((span) => span.toMinute - span.fromMinute));
    this.heldIn = kit.flatMap(({ id }, index) => (wishes.heldIn.includes(id) ? [index] : []));
  }

  /** Nothing on. */
  bare(): OutfitCode {
    return new Uint8Array(this.kit.length + SWITCHES);
  }

  /** Whether an outfit can be worn, holds what it has to, and is within what may be carried and bought. */
  isValid(code: OutfitCode): boolean {
    return this.heldIn.every((index) => code[index]! > 0) && this.isWithinLoad(code) && this.rules.isValid(code);
  }

  /** Whether pieces go with each other and are not too much, be it all that is needed or not. */
  isBeginning(code: OutfitCode): boolean {
    return this.isWithinLoad(code) && this.rules.fitsTogether(code);
  }

  massG(code: OutfitCode): number {
    let sum = 0;
    for (let index = 0; index < this.kit.length; index++) if (code[index]! > 0) sum += this.massesG[index]!;
    return sum;
  }

  loadOf(code: OutfitCode): Load {
    let [packG, packL, costMinor] = [0, 0, 0];
    this.kit.forEach((piece, index) => {
      if (code[index] === PLACEMENT.home) return;
      if (piece.isGeneric) costMinor += piece.priceMinor ?? 0;
      if (code[index] !== PLACEMENT.seat) return;
      packG += this.massesG[index]!;
      packL += packedVolumeL({ massG: this.massesG[index]!, traits: piece.traits });
    });
    return { carriedG: this.massG(code), packG, packL, costMinor };
  }

  private isWithinLoad(code: OutfitCode): boolean {
    const { mostCarriedG, mostPackedL, mostCostMinor } = this.wishes;
    if (mostCarriedG === null && mostPackedL === null && mostCostMinor === null) return true;
    const { carriedG, packL, costMinor } = this.loadOf(code);
    return (
      carriedG <= (mostCarriedG ?? Infinity) &&
      packL <= (mostPackedL ?? Infinity) &&
      costMinor <= (mostCostMinor ?? Infinity)
    );
  }
}
