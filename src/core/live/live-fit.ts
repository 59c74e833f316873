import { laplaceMode, rootOf, type Mode, type Observed } from "../calibration";
import { normal, seededRandom, type Steps } from "../numeric";
import type { Learnt } from "../outing";
import { CHANCES, CHANCE_SPREAD, knownFor, personAt, type Chance } from "../range";
import type { Heard } from "./heard";
import { LiveSit, type LiveRun, type Way } from "./live-sit";
import { SENSORS, type Sensor } from "../loggers";

/** A logger's offset, one standard deviation, K (docs/logbook.md). */
const OFFSET_K = 1;
/** And how it drifts, K an hour (assumption). */
const DRIFT_K_PER_HOUR = 0.4;
/** Slopes are taken once about what is known beforehand and once more where that leads. */
const ROUNDS = 2;
/** Steps slopes are taken with, of a standard deviation. */
const SLOPE_STEP = 1;
const SEED = 11;

/** What is heard of a sit, taken together with what is known of the person: calibration of a sit that still goes on. */
export class LiveFit {
  private readonly known: Learnt;
  /** Of each unknown: person and clothes along their root, chances of the day, offsets of loggers. */
  private readonly spreads: readonly number[];

  constructor(private readonly sit: LiveSit) {
    this.known = knownFor(sit.outing.person.learnt, sit.outing);
    this.spreads = [
      ...this.known.mode.map(() => 1),
      ...CHANCES.map((chance) => CHANCE_SPREAD[chance]),
      ...SENSORS.map(() => OFFSET_K),
      ...SENSORS.map(() => DRIFT_K_PER_HOUR),
    ];
  }

  private get offsetsFrom(): number {
    return this.known.mode.length + CHANCES.length;
  }

  private wayAt(at: readonly number[]): Way {
    const persons = this.known.mode.length;
    return {
      person: personAt(this.known, at.slice(0, persons)),
      chance: Object.fromEntries(CHANCES.map((name, place) => [name, at[persons + place]!])) as Chance,
    };
  }

  /** Where the unknowns most likely are, one run a step. */
  *mode(heard: readonly Heard[]): Steps<Mode> {
    const nowhere = this.spreads.map(() => 0);
    let mode = laplaceMode(this.spreads, nowhere, []);
    if (heard.length === 0) return mode;
    for (let round = 0; round < ROUNDS; round++) {
      const observed = yield* this.observedAt(heard, mode.at);
      mode = laplaceMode(this.spreads, mode.at, observed);
    }
    return mode;
  }

  private *observedAt(heard: readonly Heard[], at: readonly number[]): Steps<Observed[]> {
    const here = this.sit.run(this.wayAt(at));
    yield;
    const slopes = heard.map(() => new Map<number, number>());
    for (let place = 0; place < this.offsetsFrom; place++) {
      const step = SLOPE_STEP * this.spreads[place]!;
      const other = this.sit.run(this.wayAt(at.map((own, index) => (index === place ? own + step : own))));
      for (const [index, { of }] of heard.entries()) {
        const slope = (of(other) - of(here)) / step;
        if (slope !== 0) slopes[index]!.set(place, slope);
      }
      yield;
    }
    return heard.map(({ of, loss, logger }, index) => {
      if (!logger) return { value: of(here), slopes: slopes[index]!, loss };
      slopes[index]!.set(this.offsetOf(logger.sensor), 1).set(this.driftOf(logger.sensor), logger.hours);
      return { value: of(here) + this.errorK(at, logger), slopes: slopes[index]!, loss };
    });
  }

  private offsetOf(sensor: Sensor): number {
    return this.offsetsFrom + SENSORS.indexOf(sensor);
  }

  private driftOf(sensor: Sensor): number {
    return this.offsetOf(sensor) + SENSORS.length;
  }

  /** What a logger most likely tells too much, K. */
  private errorK(at: readonly number[], { sensor, hours }: NonNullable<Heard["logger"]>): number {
    return at[this.offsetOf(sensor)]! + hours * at[this.driftOf(sensor)]!;
  }

  /** How far something heard lies from where the unknowns most likely are, by its logger's errors, K. */
  missedK(run: LiveRun, at: readonly number[], { of, logger, valueC }: Heard): number {
    return Math.abs(valueC - of(run) - (logger ? this.errorK(at, logger) : 0));
  }

  runAt(at: readonly number[]): LiveRun {
    return this.sit.run(this.wayAt(at));
  }

  /** Ways the sit may still go, one a step, drawn about the mode. */
  *runs({ at, covariance }: Mode, count: number): Steps<LiveRun[]> {
    const root = rootOf(covariance);
    const random = seededRandom(SEED);
    const runs: LiveRun[] = [];
    for (let run = 0; run < count; run++) {
      const normals = at.map(() => normal(random));
      const drawn = at.map(
        (own, row) => own + root[row]!.reduce((sum, value, column) => sum + value * normals[column]!, 0),
      );
      runs.push(this.runAt(drawn));
      yield;
    }
    return runs;
  }
}
