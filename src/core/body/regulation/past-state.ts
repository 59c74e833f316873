import { NODE_COUNT } from "../nodes";

/**
 * What a body was a step ago. With it a step is of second order: regulation reads the state straight on, the derivative
 * is taken over three states (BDF2 of uneven steps). Without it, after `forget`, a step is of first order, as published.
 * @source Hairer & Wanner, Solving Ordinary Differential Equations II, ch. V.1 (from memory); docs/method.md, "Steps"
 */
export class PastState {
  /** Per node, °C; means nothing until a step is remembered. */
  readonly temperatureC = new Float64Array(NODE_COUNT);
  private stepS = 0;

  resetHistory(): void {
    this.stepS = 0;
  }

  /** Writes where the nodes will be after a step if they go on as in the last one, °C; as they are when it is not known. */
  lookAhead(ahead: Float64Array, nowC: Float64Array, stepS: number): void {
    const ratio = this.ratioTo(stepS);
    const { temperatureC } = this;
    if (ratio === 0) ahead.set(nowC);
    else {
      for (let node = 0; node < NODE_COUNT; node++) {
        ahead[node] = nowC[node]! + ratio * (nowC[node]! - temperatureC[node]!);
      }
    }
  }

  /** What an implicit step of first order has to last to stand in for one of second order that starts from `startFrom`, s. */
  standsInS(stepS: number): number {
    const ratio = this.ratioTo(stepS);
    return (stepS * (1 + ratio)) / (1 + 2 * ratio);
  }

  /**
   * Replaces the temperatures by those a step of first order has to start from, and remembers them as they were.
   * @param toRemember whether the next step is to know of this one
   */
  startFrom(nowC: Float64Array, stepS: number, toRemember: boolean): void {
    const ratio = this.ratioTo(stepS);
    const { temperatureC } = this;
    const ofNow = ((1 + ratio) * (1 + ratio)) / (1 + 2 * ratio);
    const ofPast = (ratio * ratio) / (1 + 2 * ratio);
    for (let node = 0; node < NODE_COUNT; node++) {
      const now = nowC[node]!;
      if (ratio > 0) nowC[node] = ofNow * now - ofPast * temperatureC[node]!;
      temperatureC[node] = now;
    }
    this.stepS = toRemember ? stepS : 0;
  }

  /** Copies another's memory. */
  copy(other: PastState): void {
    this.temperatureC.set(other.temperatureC);
    this.stepS = other.stepS;
  }

  private ratioTo(stepS: number): number {
    return this.stepS > 0 ? stepS / this.stepS : 0;
  }
}
