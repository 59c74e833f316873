import { DIGIT_COUNT } from "../../digits";

const CURVES = 8;

/** Digits and what they remember of the last steps, each by the order of DIGITS. */
export class DigitState {
  /** All that follows, to be copied at once. */
  private readonly all = new Float64Array(CURVES * DIGIT_COUNT);
  /** °C. */
  readonly temperatureC = this.part(0);
  /** What each digit drew from its artery and from its segment's skin in the step just made, W. */
  readonly drawnFromArteryW = this.part(1);
  readonly drawnFromSkinW = this.part(2);
  /** The same of the step before, and how far each rose in the step just made, K. */
  readonly drawnBeforeFromArteryW = this.part(3);
  readonly drawnBeforeFromSkinW = this.part(4);
  readonly riseK = this.part(5);
  /** Blood flows of its segment in the step just made, L/h. */
  readonly skinFlowLPerH = this.part(6);
  readonly anastomosesFlowLPerH = this.part(7);
  /** Lengths of the step just made and of the one before, s; 0 where nothing is known. */
  stepS = 0;
  stepBeforeS = 0;

  copy(other: DigitState): void {
    this.all.set(other.all);
    this.stepS = other.stepS;
    this.stepBeforeS = other.stepBeforeS;
  }

  private part(index: number): Float64Array {
    return this.all.subarray(index * DIGIT_COUNT, (index + 1) * DIGIT_COUNT);
  }
}
