import { mean } from "d3-array";
import {
  LiveAnswers,
  LiveSit,
  STAND_IN_FAULTS,
  standInReadings,
  type LiveRun,
  type LiveVote,
  type StandInFault,
} from "@/core/live";
import { VOTE_SCALE_K } from "@/core/calibration";
import type { Vote } from "@/core/logbook";
import { runToEnd, seededRandom, type RandomStream } from "@/core/numeric";
import { drawnChance, drawnFrom } from "@/core/range";
import { WeatherCourse } from "@/core/weather";
import { simulatedPerson } from "../calibration/simulated-people";

// How true a sit's end is told once loggers have been heard, on people drawn from what is known of people. Invented throughout.

/** Error of the minutes until the end, standard deviation of their natural logarithm, and whether the eight cases of ten held it. */
export type LiveProofRow = {
  readonly what: string;
  readonly error: number;
  readonly cover: number;
  /** How often a fault that was there was told, and one that was not. */
  readonly told: number;
};

type Asked = {
  readonly what: string;
  readonly afterMinutes: number;
  readonly fault: StandInFault;
  readonly votes: boolean;
};
export const ASKED: readonly Asked[] = [
  { what: "plan", afterMinutes: 0, fault: "none", votes: false },
  { what: "after 30 min", afterMinutes: 30, fault: "none", votes: false },
  { what: "after 60 min", afterMinutes: 60, fault: "none", votes: false },
  { what: "after 30 min, with votes", afterMinutes: 30, fault: "none", votes: true },
  { what: "after 60 min, with votes", afterMinutes: 60, fault: "none", votes: true },
  ...STAND_IN_FAULTS.filter((fault) => fault !== "none").map((fault) => ({
    what: `after 60 min, ${fault}`,
    afterMinutes: 60,
    fault,
    votes: true,
  })),
];

/** Who would have got up before cannot be told of after an hour. */
const LEAST_END_MINUTES = 65;
const MOST_END_MINUTES = 400;

type Case = { readonly sit: LiveSit; readonly person: LiveRun; readonly seed: number };

function caseOf(seed: number): Case | null {
  const [outing] = simulatedPerson(seed, 1).outings;
  const sit = new LiveSit(outing!);
  const random = seededRandom(1000 + seed);
  const person = sit.run({ person: drawnFrom(undefined, sit.outing)(random), chance: drawnChance(random) });
  return person.endMinutes < LEAST_END_MINUTES || person.endMinutes > MOST_END_MINUTES ? null : { sit, person, seed };
}

const VOTES_EVERY_MINUTES = 15;
const CUTS: readonly [Vote, number][] = [
  ["warm", 25],
  ["neutral", 20],
  ["cool", 15],
  ["cold", 10],
];
const logistic = (random: RandomStream): number => {
  const share = random();
  return Math.log(share / (1 - share));
};

/** What somebody would answer every quarter of an hour of toes, fingers and the whole body. */
function votesOf({ sit, person, seed }: Case, untilMinute: number): LiveVote[] {
  const random = seededRandom(seed + 5);
  const from = sit.span.fromMinute;
  const votes: LiveVote[] = [];
  for (let minute = from + VOTES_EVERY_MINUTES; minute <= untilMinute; minute += VOTES_EVERY_MINUTES) {
    for (const part of ["leftToes", "leftFingers"] as const) {
      const felt = part === "leftToes" ? person.feltK.toes : person.feltK.fingers;
      const feltC = sit.digitC(person, part, minute) - felt + VOTE_SCALE_K * logistic(random);
      votes.push({ part, vote: CUTS.find(([, cut]) => feltC >= cut)?.[0] ?? "painful", minute });
    }
    votes.push({ part: "body", vote: person.bodyColdMinutes < minute - from ? "cold" : "cool", minute });
  }
  return votes;
}

/** @param people so many whose sit lasts over an hour, by seed */
export function provedLive(people: number): readonly LiveProofRow[] {
  const errors = ASKED.map(() => [] as number[]);
  const covered = ASKED.map(() => [] as number[]);
  const told = ASKED.map(() => [] as number[]);
  for (let seed = 1, found = 0; found < people; seed++) {
    const own = caseOf(seed);
    if (!own) continue;
    found++;
    const { sit, person } = own;
    const answers = new LiveAnswers(sit);
    const weather = new WeatherCourse(sit.outing.weather);
    const airC = (minute: number): number => weather.at(minute).airTemperatureC + person.airK;
    for (const [place, { afterMinutes, fault, votes }] of ASKED.entries()) {
      const untilMinute = sit.span.fromMinute + afterMinutes;
      const readings = afterMinutes === 0 ? [] : standInReadings(sit, person, { seed, fault, untilMinute, airC });
      const said = votes ? votesOf(own, untilMinute) : [];
      const { low, middle, high, faults } = runToEnd(answers.answer(readings, said));
      errors[place]!.push(Math.log((middle ?? MOST_END_MINUTES) / person.endMinutes));
      covered[place]!.push(
        Number((low ?? Infinity) - 1 <= person.endMinutes && person.endMinutes <= (high ?? Infinity) + 1),
      );
      told[place]!.push(Number(faults.length > 0));
    }
  }
  return ASKED.map(({ what }, place) => ({
    what,
    error: Math.sqrt(mean(errors[place]!, (value) => value ** 2) ?? 0),
    cover: mean(covered[place]!) ?? 0,
    told: mean(told[place]!) ?? 0,
  }));
}
