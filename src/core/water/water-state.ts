import { SEGMENT_COUNT } from "../body";

/** When water is moved at the soonest, s: an assumption of the numerics (docs/method.md, "Water"). */
export const SOONEST_MOVE_S = 60;

/** All that a book's steps change. */
export class WaterState {
  readonly waterGPerM2: Float64Array;
  /** Share of its dry insulation that each segment's clothing keeps. */
  readonly retainedInsulation = new Float64Array(SEGMENT_COUNT).fill(1);
  /** Heat into each segment's skin when water was moved last and the time before, and the time between, s; 0: not known. */
  readonly skinHeatWPerM2 = new Float64Array(SEGMENT_COUNT);
  readonly heatBeforeWPerM2 = new Float64Array(SEGMENT_COUNT);
  /** The same of what lies over mouth and nose, by the breath in it. */
  mouthKeptShare = 1;
  /** Heat that breath brings to the skin there, W/m². */
  breathWPerM2 = 0;
  /** Time left in the water after a fall, s. */
  inWaterS = 0;
  betweenS = 0;
  pendingS = 0;
  /** Clothes were changed since water was moved last: heat that came before tells nothing of what comes. */
  isAfterChange = true;
  moveAfterS = SOONEST_MOVE_S;
  /** Something wets the clothes from outside. */
  isMetFromOutside = false;

  constructor(cells: number) {
    this.waterGPerM2 = new Float64Array(cells);
  }

  copy(other: WaterState): void {
    this.waterGPerM2.set(other.waterGPerM2);
    this.retainedInsulation.set(other.retainedInsulation);
    this.skinHeatWPerM2.set(other.skinHeatWPerM2);
    this.heatBeforeWPerM2.set(other.heatBeforeWPerM2);
    this.mouthKeptShare = other.mouthKeptShare;
    this.breathWPerM2 = other.breathWPerM2;
    this.inWaterS = other.inWaterS;
    this.betweenS = other.betweenS;
    this.pendingS = other.pendingS;
    this.isAfterChange = other.isAfterChange;
    this.moveAfterS = other.moveAfterS;
    this.isMetFromOutside = other.isMetFromOutside;
  }
}
