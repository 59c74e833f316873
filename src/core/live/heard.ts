import type { LiveRun, LiveSit } from "./live-sit";
import { between, near, VOTE_RANGE_C, VOTE_SCALE_K, votesOfBody, type Loss } from "../calibration";
import { MINUTES_PER_HOUR } from "../units";
import { isCold, type FeltPart, type Vote } from "../logbook";
import type { Reading } from "../loggers";
import type { Sensor } from "../loggers";

/** What somebody says they feel during the sit. */
export type LiveVote = { readonly part: FeltPart; readonly vote: Vote; readonly minute: number };

/** Something heard of a sit: what a run says of it, and how badly that fits. */
export type Heard = {
  readonly of: (run: LiveRun) => number;
  readonly loss: Loss;
  /** Of a logger, whose own errors come on top, and so long after the sit began; `null` for what somebody said. */
  readonly logger: { readonly sensor: Sensor; readonly hours: number } | null;
  /** As it was told, °C; of what somebody said nought. */
  readonly valueC: number;
};

/** Readings of so long count as one: errors of the model, and of where a logger lies, stay alike so long, min (assumption). */
const ALIKE_MINUTES = 15;
/** A logger has to come to a part's temperature, and blood to settle after the walk: what is read before teaches nothing, min (assumption). */
const SETTLING_MINUTES = 10;
/** What such a mean is wrong by besides its logger's offset, K (assumption). */
const MEAN_SCALE_K = 0.6;

const SAID = { logger: null, valueC: 0 } as const;

/** What one logger told, quarter hour by quarter hour. @param readings in the order of time */
export function heardOf(
  sit: LiveSit,
  sensor: Sensor,
  readings: readonly Reading[],
  forecastC: (minute: number) => number,
): Heard[] {
  const quarters = new Map<number, Reading[]>();
  for (const reading of readings) {
    if (reading.minute - sit.span.fromMinute < SETTLING_MINUTES) continue;
    const quarter = Math.floor((reading.minute - sit.span.fromMinute) / ALIKE_MINUTES);
    quarters.set(quarter, [...(quarters.get(quarter) ?? []), reading]);
  }
  return [...quarters.values()].map((own): Heard => {
    const mean = (of: (reading: Reading) => number): number =>
      own.reduce((sum, reading) => sum + of(reading), 0) / own.length;
    const [minute, valueC] = [mean((reading) => reading.minute), mean((reading) => reading.valueC)];
    return {
      of: sensor === "air" ? ({ airK }) => forecastC(minute) + airK : (run) => sit.digitC(run, sensor, minute),
      loss: near(valueC, MEAN_SCALE_K),
      logger: { sensor, hours: (minute - sit.span.fromMinute) / MINUTES_PER_HOUR },
      valueC,
    };
  });
}

/** What somebody said, in the order of time; of the face nothing is learnt: its levels are everybody's. */
export function heardOfVotes(sit: LiveSit, votes: readonly LiveVote[]): Heard[] {
  return [...votes.flatMap((vote) => heardOfDigit(sit, vote)), ...heardOfBody(sit, votes)];
}

function heardOfDigit(sit: LiveSit, { part, vote, minute }: LiveVote): Heard[] {
  if (part === "face" || part === "body") return [];
  const felt = part === "leftToes" || part === "rightToes" ? "toes" : "fingers";
  return [
    {
      of: (run) => sit.digitC(run, part, minute) - run.feltK[felt],
      loss: between(...VOTE_RANGE_C[vote], VOTE_SCALE_K),
      ...SAID,
    },
  ];
}

/** The body gets cold once: who says every quarter of an hour that it is not has said it once, the last time. */
function heardOfBody(sit: LiveSit, votes: readonly LiveVote[]): Heard[] {
  const said = votes.filter(({ part }) => part === "body");
  if (said.length === 0) return [];
  const first = said.findIndex(({ vote }) => isCold(vote));
  const minutesOf = (own: LiveVote | undefined): number | null => (own ? own.minute - sit.span.fromMinute : null);
  const loss = votesOfBody(minutesOf(first < 0 ? said.at(-1) : said[first - 1]), minutesOf(said[first]));
  return [{ of: ({ bodyColdMinutes }) => Math.log(Math.max(1, bodyColdMinutes)), loss, ...SAID }];
}
