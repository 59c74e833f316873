import type { Crossing } from "../limits";
import type { Steps } from "../numeric";
import { NO_CHANCE, knownFor, personAt } from "../range";
import { WeatherCourse } from "../weather";
import { areSwapped, possibleReadings, silentLoggers, type LoggerFault } from "../loggers";
import { heardOf, heardOfVotes, type Heard, type LiveVote } from "./heard";
import { LiveFit } from "./live-fit";
import { LiveSit, type LiveRun } from "./live-sit";
import { inOrder, type DigitSensor, type Reading } from "../loggers";
import { SENSORS, type Sensor } from "../loggers";

/** What is known of a sit as it goes on. */
export type LiveAnswer = {
  /** Minutes of the sit in eight cases of ten; `null` later than was looked at. */
  readonly low: number | null;
  readonly middle: number | null;
  readonly high: number | null;
  /** What ends it in most cases; `null` where nothing does. */
  readonly endedBy: Pick<Crossing, "limit" | "place"> | null;
  readonly faults: readonly LoggerFault[];
  /** How much it rests on beside the plan: quarter hours of loggers, and votes. */
  readonly heard: number;
  /** How far each logger's latest reading lies from the plan, K. */
  readonly againstPlan: readonly { readonly sensor: Sensor; readonly minute: number; readonly byK: number }[];
  /** The colder side, °C, one value a minute from the start of the outing. */
  readonly curves: Readonly<Record<"toes" | "fingers", LiveBand>>;
};
/** Eight cases of ten, and the middle. */
export type LiveBand = { readonly low: number[]; readonly middle: number[]; readonly high: number[] };

/** So many ways are looked at for a range. */
export const LIVE_MEMBERS = 48;
/** A logger is elsewhere where it is still missed by so much on average, K (assumption). */
const APART_K = 4;
const LOW_SHARE = 0.1;

const OTHER: Readonly<Record<Sensor, Sensor>> = {
  leftToes: "rightToes",
  rightToes: "leftToes",
  leftFingers: "rightFingers",
  rightFingers: "leftFingers",
  air: "air",
};

/** A sit that goes on, answered again whenever something was heard. Order and repetition of what is heard change nothing. */
export class LiveAnswers {
  private readonly fit: LiveFit;
  private readonly plan: LiveRun;
  private readonly weather: WeatherCourse;

  /** @throws {CoreError} as `simulateOuting` does */
  constructor(readonly sit: LiveSit) {
    this.fit = new LiveFit(sit);
    this.weather = new WeatherCourse(sit.outing.weather);
    const known = knownFor(sit.outing.person.learnt, sit.outing);
    this.plan = sit.run({
      person: personAt(
        known,
        known.mode.map(() => 0),
      ),
      chance: NO_CHANCE,
    });
  }

  /** One simulation a step. */
  *answer(readings: readonly Reading[], votes: readonly LiveVote[], members = LIVE_MEMBERS): Steps<LiveAnswer> {
    const faults: LoggerFault[] = [];
    const bySensor = this.possible(readings, faults);
    const said = heardOfVotes(this.sit, inOrderOfTime(votes));
    const heard = (): Heard[] => [...[...bySensor].flatMap(([sensor, own]) => this.heardOf(sensor, own)), ...said];
    let mode = yield* this.fit.mode(heard());
    const apart = this.apart(bySensor, mode.at);
    if (apart.length > 0) {
      for (const sensor of apart) {
        faults.push({ sensor, kind: "apart", minute: bySensor.get(sensor)![0]!.minute });
        bySensor.delete(sensor);
      }
      mode = yield* this.fit.mode(heard());
    }
    const runs = yield* this.fit.runs(mode, members);
    return { ...told(this.sit, runs), faults, heard: heard().length, againstPlan: this.againstPlan(bySensor) };
  }

  private heardOf(sensor: Sensor, readings: readonly Reading[]): Heard[] {
    return heardOf(this.sit, sensor, readings, (minute) => this.forecastC(minute));
  }

  private forecastC(minute: number): number {
    return this.weather.at(minute).airTemperatureC;
  }

  /** Readings that can be, sides changed where they are swapped. */
  private possible(readings: readonly Reading[], faults: LoggerFault[]): Map<Sensor, readonly Reading[]> {
    const heard = new Map<Sensor, readonly Reading[]>();
    const ordered = inOrder(readings);
    for (const sensor of SENSORS) {
      const possible = possibleReadings(sensor, ordered.get(sensor) ?? []);
      faults.push(...possible.faults);
      if (possible.readings.length > 0) heard.set(sensor, possible.readings);
    }
    faults.push(...silentLoggers(heard));
    for (const left of ["leftToes", "leftFingers"] as const) {
      const right = OTHER[left] as DigitSensor;
      const [ofLeft, ofRight] = [heard.get(left), heard.get(right)];
      if (!ofLeft || !ofRight) continue;
      const planned = (sensor: DigitSensor) => (minute: number) => this.sit.digitC(this.plan, sensor, minute);
      if (!areSwapped(ofLeft, ofRight, planned(left), planned(right))) continue;
      faults.push({ sensor: left, kind: "swapped", minute: ofLeft[0]!.minute });
      heard.set(left, ofRight).set(right, ofLeft);
    }
    return heard;
  }

  /** Loggers that tell something no person in these clothes could have. */
  private apart(bySensor: ReadonlyMap<Sensor, readonly Reading[]>, at: readonly number[]): Sensor[] {
    const run = this.fit.runAt(at);
    return [...bySensor].flatMap(([sensor, readings]) => {
      const missed = this.heardOf(sensor, readings).map((own) => this.fit.missedK(run, at, own));
      const mean = missed.reduce((sum, value) => sum + value, 0) / Math.max(1, missed.length);
      return mean > APART_K ? [sensor] : [];
    });
  }

  private againstPlan(bySensor: ReadonlyMap<Sensor, readonly Reading[]>): LiveAnswer["againstPlan"] {
    return [...bySensor].map(([sensor, readings]) => {
      const { minute, valueC } = readings.at(-1)!;
      const planned = sensor === "air" ? this.forecastC(minute) : this.sit.digitC(this.plan, sensor, minute);
      return { sensor, minute, byK: valueC - planned };
    });
  }
}

const inOrderOfTime = (votes: readonly LiveVote[]): LiveVote[] => {
  const byMoment = new Map(votes.map((vote) => [`${vote.minute} ${vote.part} ${vote.vote}`, vote]));
  return [...byMoment]
    .sort(([oneKey, one], [otherKey, other]) => one.minute - other.minute || (oneKey < otherKey ? -1 : 1))
    .map(([, vote]) => vote);
};

function told(
  sit: LiveSit,
  runs: readonly LiveRun[],
): Pick<LiveAnswer, "low" | "middle" | "high" | "endedBy" | "curves"> {
  const ends = runs.map(({ endMinutes }) => endMinutes).sort((one, other) => one - other);
  const at = (share: number): number | null => {
    const value = atShare(ends, share);
    return value === Infinity ? null : Math.round(value);
  };
  const counted = new Map<string, LiveRun[]>();
  for (const run of runs) {
    const key = run.endedBy ? `${run.endedBy.limit} ${run.endedBy.place.part}` : "";
    counted.set(key, [...(counted.get(key) ?? []), run]);
  }
  const [most] = [...counted.values()].sort((one, other) => other.length - one.length);
  const { endedBy } = most![0]!;
  return {
    low: at(LOW_SHARE),
    middle: at(0.5),
    high: at(1 - LOW_SHARE),
    endedBy: endedBy && { limit: endedBy.limit, place: endedBy.place },
    curves: {
      toes: band(sit, runs, "leftToes", "rightToes"),
      fingers: band(sit, runs, "leftFingers", "rightFingers"),
    },
  };
}

const atShare = (sorted: readonly number[], share: number): number => sorted[Math.round(share * (sorted.length - 1))]!;

function band(sit: LiveSit, runs: readonly LiveRun[], left: DigitSensor, right: DigitSensor): LiveBand {
  const own: LiveBand = { low: [], middle: [], high: [] };
  for (let minute = 0; minute <= sit.span.toMinute; minute++) {
    const values = runs
      .map((run) => Math.min(sit.digitC(run, left, minute), sit.digitC(run, right, minute)))
      .sort((one, other) => one - other);
    own.low.push(atShare(values, LOW_SHARE));
    own.middle.push(atShare(values, 0.5));
    own.high.push(atShare(values, 1 - LOW_SHARE));
  }
  return own;
}
