import {
  bodyAtRest,
  createSkinExchange,
  publishedExchange,
  PUBLISHED_BODY,
  SEGMENT_INDEX,
  CENTRAL_BLOOD_NODE,
  massCountedW,
  restingBody,
  SEGMENT_NODES,
  type Body,
  type Posture,
  type Sex,
} from "@/core/body";
import { Tally, type FileReport, type Tolerance } from "./tally";

type ReferencePerson = { height: number; weight: number; fat: number; age: number; sex: Sex };
type ReferencePhase = {
  minutes: number;
  posture: Posture;
  ta: number[];
  tr: number[];
  rh: number[];
  va: number[];
  clo: number[];
  par: number;
};
type BodyCase = {
  name: string;
  person: ReferencePerson;
  phases: ReferencePhase[];
  start: { tsk: number[]; tcr: number[] };
  minute: number[];
} & Record<(typeof HISTORY)[number], (number | number[])[]>;
type BodyCasesFile = { cases: BodyCase[] };

const HISTORY = [
  "tsk",
  "tcr",
  "tcb",
  "tar",
  "met",
  "co",
  "wet",
  "wle",
  "bfsk",
  "bfava_hand",
  "bfava_foot",
  "mshiv",
  "mnst",
] as const;

const TEMPERATURE: Tolerance = { kind: "absolute", allowed: 0.01, unit: "K" };
/** 0.1 % of the value; below 0.1 L/h or 0.1 W (0.001 g/s, wetted share) of that, where rounding of the file is larger. */
const FLOW_OR_HEAT: Tolerance = { kind: "relative", allowed: 0.001, floor: 0.1 };
const SMALL: Tolerance = { kind: "relative", allowed: 0.001, floor: 0.001 };

const LATENT_HEAT_J_PER_G = 2418; // as jos3 counts evaporated mass

export const bodyPersonOf = ({ height, weight, fat, age, sex }: ReferencePerson) => ({
  heightM: height,
  massKg: weight,
  fatPercent: fat,
  ageYears: age,
  sex,
});

const sum = (values: ArrayLike<number>): number => Array.from(values).reduce((total, value) => total + value, 0);

/** The quantities of the file, as our body holds them after a step. */
function stateOf({ temperatureC, flows, vapour, last }: Body): Record<(typeof HISTORY)[number], unknown> {
  const perSegment = (tissue: "skin" | "core" | "artery"): number[] =>
    SEGMENT_NODES.map((nodes) => temperatureC[nodes[tissue]]!);
  return {
    tsk: perSegment("skin"),
    tcr: perSegment("core"),
    tar: perSegment("artery"),
    tcb: temperatureC[CENTRAL_BLOOD_NODE],
    met: last.heatMadeW,
    co: sum(flows.core) + sum(flows.muscle) + sum(flows.fat) + sum(flows.skin) + sum(flows.anastomoses),
    wet: vapour.wettedness,
    wle: (massCountedW(vapour) + last.breathingMoistW) / LATENT_HEAT_J_PER_G,
    bfsk: flows.skin,
    bfava_hand: flows.anastomoses[SEGMENT_INDEX.leftHand],
    bfava_foot: flows.anastomoses[SEGMENT_INDEX.leftFoot],
    mshiv: last.shiveringW,
    mnst: last.nonShiveringW,
  };
}

const toleranceOf = (quantity: (typeof HISTORY)[number]): Tolerance => {
  if (["tsk", "tcr", "tcb", "tar"].includes(quantity)) return TEMPERATURE;
  return quantity === "wet" || quantity === "wle" ? SMALL : FLOW_OR_HEAT;
};

function compareCase(tally: Tally, expected: BodyCase): void {
  const body = bodyAtRest(restingBody(bodyPersonOf(expected.person), 1, "jos-3"), PUBLISHED_BODY);
  const start = stateOf(body);
  tally.compare("start tsk", expected.name, start.tsk, expected.start.tsk, TEMPERATURE);
  tally.compare("start tcr", expected.name, start.tcr, expected.start.tcr, TEMPERATURE);
  const exchange = createSkinExchange();
  let minute = 0;
  for (const phase of expected.phases) {
    const around = {
      posture: phase.posture,
      airC: phase.ta,
      radiantC: phase.tr,
      relativeHumidityPercent: phase.rh,
      windMPerS: phase.va,
      insulationClo: phase.clo,
    };
    for (let step = 0; step < phase.minutes; step++) {
      publishedExchange(exchange, body, around);
      body.regulate(exchange, phase.par, 60);
      body.advance(exchange, 60);
      minute += 1;
      const index = expected.minute.indexOf(minute);
      if (index < 0) continue;
      const found = stateOf(body);
      for (const quantity of HISTORY) {
        tally.compare(
          quantity,
          `${expected.name}, minute ${minute}`,
          found[quantity],
          expected[quantity][index],
          toleranceOf(quantity),
        );
      }
    }
  }
}

/** Histories of the published body against ours in published mode. */
export function compareBodyCases(file: BodyCasesFile): FileReport {
  const tally = new Tally();
  for (const expected of file.cases) compareCase(tally, expected);
  return tally.report(file.cases.length);
}
