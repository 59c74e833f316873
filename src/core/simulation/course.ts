import { StepController, SitterState, type Conditions, type Sitter } from "../sitter";
import { SECONDS_PER_MINUTE } from "../units";
import type { Recorder } from "./series";
import type { Surroundings } from "./surroundings";
import { cellOf } from "../dressing";

/**
 * How time is stepped: by how fast things change; twice as far each time, for those who simulate many; four times as far,
 * for those who only order what they simulate; half as far, for those who ask what the step does; or in minutes of first
 * order, as the published body steps.
 */
export type Stepping = "paced" | "doubled" | "sketched" | "halved" | "published";
const REFINEMENT: Readonly<Record<Stepping, number>> = {
  paced: 1,
  doubled: 0.5,
  sketched: 0.25,
  halved: 2,
  published: 1,
};

/** Minutes of one phase; held past its end, the clothes stay as they are at a minute. */
export type Stretch = {
  readonly phase: number;
  readonly phaseStart: number;
  readonly from: number;
  readonly to: number;
  readonly dressHeldAt?: number | undefined;
};

type CourseState = {
  readonly sitter: SitterState;
  readonly stepController: ReturnType<StepController["save"]>;
  readonly at: Conditions | null;
  readonly outfit: Conditions["outfit"] | null;
};

/** A sitter's way through an outing's surroundings. */
export class Course {
  readonly sitter: Sitter;
  private readonly surroundings: Surroundings;
  private readonly stepping: Stepping;
  private readonly stepController: StepController;
  /** As the sitter was before the step being made. */
  private readonly start: SitterState;
  private readonly fallsInAtMinute: number | undefined;
  private at: Conditions | null = null;
  private outfit: Conditions["outfit"] | null = null;

  constructor(sitter: Sitter, surroundings: Surroundings, stepping: Stepping, fallsInAtMinute?: number) {
    this.fallsInAtMinute = fallsInAtMinute;
    this.sitter = sitter;
    this.surroundings = surroundings;
    this.stepping = stepping;
    this.stepController = new StepController(REFINEMENT[stepping]);
    sitter.wet?.moisture.schedule.refine(REFINEMENT[stepping]);
    this.start = this.emptyState();
  }

  /**
   * Lives a stretch.
   * @param recorder takes the state at each full minute, `offset` minutes earlier than the outing counts them
   * @param isEnough asked at the full minutes that steps end at: whether the rest need not be lived
   */
  live(
    stretch: Stretch,
    recorder: Recorder | null = null,
    offset = 0,
    isEnough: (minute: number) => boolean = () => false,
  ): void {
    const { phase, phaseStart, to, dressHeldAt } = stretch;
    for (let minute = stretch.from; minute < to;) {
      const same = this.surroundings.sameUntil(minute, to, phase, minute - phaseStart, dressHeldAt);
      const until = this.beforeFall(minute, same);
      this.noteChange(this.conditionsAt(stretch, minute, minute));
      if (minute === this.fallsInAtMinute) this.fallIn();
      if (dressHeldAt === undefined) this.dryHung(minute);
      const endS = until * SECONDS_PER_MINUTE;
      for (let nowS = minute * SECONDS_PER_MINUTE; nowS < endS;) {
        nowS += this.step(stretch, nowS, endS);
        if (nowS % SECONDS_PER_MINUTE !== 0) continue;
        recorder?.record(nowS / SECONDS_PER_MINUTE - offset, this.sitter, this.at!);
        if (isEnough(nowS / SECONDS_PER_MINUTE)) return;
      }
      minute = until;
    }
  }

  save(): CourseState {
    const sitter = this.emptyState();
    this.sitter.save(sitter);
    return { sitter, stepController: this.stepController.save(), at: this.at, outfit: this.outfit };
  }

  restore({ sitter, stepController: stepController, at, outfit }: CourseState): void {
    this.sitter.restore(sitter);
    this.stepController.restore(stepController);
    this.at = at;
    this.outfit = outfit;
  }

  private beforeFall(minute: number, until: number): number {
    const fall = this.fallsInAtMinute ?? Infinity;
    return minute < fall ? Math.min(until, fall) : until;
  }

  private fallIn(): void {
    this.sitter.fallIn();
    this.beginAnew();
  }

  /** What hung until now is put on drier than it was taken off. */
  private dryHung(minute: number): void {
    for (const { pieceIndex: place, minutes } of this.surroundings.hungUntil(minute)) {
      this.sitter.wet?.dryHung(cellOf(place, 0), minutes, this.at!);
    }
  }

  private emptyState(): SitterState {
    return new SitterState(this.sitter.wet?.moisture.state.waterGPerM2.length ?? 0);
  }

  /** The minute that a step ends in; its weather at the end, where a step of second order looks. */
  private conditionsAt({ phase, phaseStart, dressHeldAt }: Stretch, minute: number, end: number): Conditions {
    const weatherAt = this.stepping === "published" ? undefined : end;
    return this.surroundings.at(minute, phase, minute - phaseStart, dressHeldAt ?? minute, weatherAt);
  }

  /** Another doing or other clothes than before: the same object serves one doing all along. */
  private noteChange(at: Conditions): void {
    if (at !== this.at || at.outfit !== this.outfit) this.beginAnew();
    this.at = at;
    this.outfit = at.outfit;
  }

  /** After a change the past tells nothing of what comes. */
  private beginAnew(): void {
    const { stepController: stepController, sitter } = this;
    stepController.restart();
    sitter.resetHistory();
    sitter.wet?.resetHistory();
  }

  /** Steps as far as the pace allows and tells how far, s; a step that bent too much is taken back and made shorter. */
  private step(stretch: Stretch, nowS: number, endS: number): number {
    const { sitter, stepController: stepController, start } = this;
    if (this.stepping === "published") {
      sitter.resetHistory();
      this.stepTo(stretch, nowS, SECONDS_PER_MINUTE);
      return SECONDS_PER_MINUTE;
    }
    sitter.save(start);
    for (;;) {
      const stepS = stepController.within(endS - nowS);
      this.stepTo(stretch, nowS, stepS);
      if (stepController.accepts(stepS, sitter.stepErrorK())) return stepS;
      sitter.restore(start);
    }
  }

  private stepTo(stretch: Stretch, nowS: number, stepS: number): void {
    const now = (nowS + stepS) / SECONDS_PER_MINUTE;
    this.sitter.step(this.conditionsAt(stretch, Math.ceil(now) - 1, now), stepS);
  }
}
