import { SOONEST_MOVE_S, type WaterState } from "./water-state";

// When water is moved on: soon after a change, twice as late each time while all goes on as it went, sooner where it
// turns. All assumptions of the numerics; docs/method.md, "Water".
export const LATEST_MOVE_S = 480;
/** How far the heat into a segment's skin may lead from where it pointed, W/m². */
const MOST_TURN_W_PER_M2 = 1;
/** A move twice as late turns four times as much. */
const TURN_OF_DOUBLED = 4;
/** Share of its insulation that a segment may lose or gain at once. */
const MOST_LOST_AT_ONCE = 0.003;
/** Heat is looked ahead at most so many times the time between the last two moves: then it may have turned. */
const MOST_LOOKED_AHEAD = 1;

/** When water is moved, and what is expected of its heat until then. All that changes stands in the state. */
export class MoveSchedule {
  private refinement = 1;

  constructor(private readonly state: WaterState) {}

  /** @param refinement into how many each usual move is parted; under 1 for those who ask for less */
  refine(refinement: number): void {
    this.refinement = refinement;
    this.state.moveAfterS = SOONEST_MOVE_S / refinement;
  }

  /** Lets time pass; whether enough has to move water. */
  isDueAfter(stepS: number): boolean {
    this.state.pendingS += stepS;
    return this.state.pendingS >= this.state.moveAfterS;
  }

  /** Sets when water is moved next, by how far the move just made led from where things pointed. */
  moved(turnedWPerM2: number, lostShare: number): void {
    const { refinement, state } = this;
    const turned = (turnedWPerM2 * refinement * refinement) / MOST_TURN_W_PER_M2;
    const lost = (lostShare * refinement) / MOST_LOST_AT_ONCE;
    if (turned > 1 || lost > 1) state.moveAfterS = Math.max(SOONEST_MOVE_S / refinement, state.moveAfterS / 2);
    else if (turned * TURN_OF_DOUBLED < 1 && lost * 2 < 1) {
      state.moveAfterS = Math.min(LATEST_MOVE_S / refinement, state.moveAfterS * 2);
    }
    state.betweenS = state.isAfterChange ? 0 : state.pendingS;
    state.isAfterChange = false;
    state.pendingS = 0;
  }

  /** Another doing or other clothes: the heat that came tells nothing of what comes, and water is moved soon again. */
  resetHistory(): void {
    this.state.betweenS = 0;
    this.state.moveAfterS = SOONEST_MOVE_S / this.refinement;
  }

  /** Rain that begins or ends, as another doing: water is moved soon again. */
  meetsFromOutside(isMet: boolean): void {
    if (isMet === this.state.isMetFromOutside) return;
    this.state.isMetFromOutside = isMet;
    this.resetHistory();
  }

  /** Heat into a segment's skin at the end of a step about to be made, if it goes on so, W/m². */
  heatAheadWPerM2(segment: number, stepS: number): number {
    const { betweenS, heatBeforeWPerM2, pendingS, skinHeatWPerM2 } = this.state;
    const now = skinHeatWPerM2[segment]!;
    if (betweenS === 0) return now;
    const further = Math.min(MOST_LOOKED_AHEAD, (pendingS + stepS) / betweenS);
    return now + (now - heatBeforeWPerM2[segment]!) * further;
  }
}
