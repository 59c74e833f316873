import { SECONDS_PER_MINUTE } from "../units";

// Steps of the outing mode: short after a change, doubled while nothing bends. All assumptions of the numerics, chosen
// so that half of each moves no digit by 0.05 K (sitter.test.ts); docs/method.md, "Steps".

/** After a change nothing of the past counts: the step is of first order and has to be short, s. */
export const FIRST_STEP_S = 7.5;
export const LONGEST_STEP_S = 8 * SECONDS_PER_MINUTE;
/** What a step may bend a temperature from the straight line, K. */
export const MOST_STEP_ERROR_K = 0.07;
/** A step twice as long bends four times as much. */
export const ERROR_OF_DOUBLED = 4;

/** How long steps are, by how much the last ones bent. Steps under a minute part the minute evenly. */
export class StepController {
  private readonly firstStepS: number;
  private readonly longestStepS: number;
  private readonly mostStepErrorK: number;
  private stepS: number;
  private sinceChangeS = 0;

  /** @param refinement into how many each usual step is parted; under 1 for those who ask for less */
  constructor(refinement: number = 1) {
    this.firstStepS = FIRST_STEP_S / refinement;
    this.longestStepS = LONGEST_STEP_S / refinement;
    this.mostStepErrorK = MOST_STEP_ERROR_K / (refinement * refinement); // half the step bends a quarter
    this.stepS = this.firstStepS;
  }

  /** Starts again after a change, at a full minute. */
  restart(): void {
    this.stepS = this.firstStepS;
    this.sinceChangeS = 0;
  }

  /** Step to take now, s. @param leftS time to the next change, whole minutes from a full minute on */
  within(leftS: number): number {
    return Math.min(this.stepS, leftS);
  }

  /**
   * Judges a step made.
   * @param stepErrorK how far it led from where its start pointed
   * @returns whether it stands; if not, it is to be taken back and a shorter one made
   */
  accepts(stepS: number, stepErrorK: number): boolean {
    const isFirst = this.sinceChangeS === 0; // had no past to bend from
    if (!isFirst && stepErrorK > this.mostStepErrorK && stepS > this.firstStepS) {
      this.shorten(stepS);
      return false;
    }
    this.sinceChangeS += stepS;
    if (!isFirst && stepErrorK * ERROR_OF_DOUBLED < this.mostStepErrorK && stepS === this.stepS) this.lengthen();
    return true;
  }

  private shorten(stepS: number): void {
    while (this.stepS >= stepS) this.stepS /= 2;
  }

  private lengthen(): void {
    const doubledS = 2 * this.stepS;
    if (doubledS <= SECONDS_PER_MINUTE && this.sinceChangeS % doubledS !== 0) return;
    this.stepS = Math.min(this.longestStepS, doubledS);
  }

  save(): { readonly stepS: number; readonly sinceChangeS: number } {
    return { stepS: this.stepS, sinceChangeS: this.sinceChangeS };
  }

  restore({ stepS, sinceChangeS }: ReturnType<StepController["save"]>): void {
    this.stepS = stepS;
    this.sinceChangeS = sinceChangeS;
  }
}
