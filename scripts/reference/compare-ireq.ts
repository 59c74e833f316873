import {
  exposureLimit,
  ireqOfClothing,
  requiredInsulation,
  type IreqCriterion,
  type IreqInput,
} from "@/core/standards";
import { Tally, type FileReport, type Tolerance } from "./tally";

type Dle = number | string | null;
type IreqCase = {
  ta: number;
  tr: number;
  v: number;
  rh: number;
  m: number;
  clo: number;
  p: number;
  walk: number;
} & Record<"ireq_min" | "ireq_neutral" | "icl_min" | "icl_neutral", number> &
  Record<"dle_min" | "dle_neutral", Dle>;
type IreqFile = { cases: IreqCase[] };

/** Half a per cent, as asked. */
const SHARE: Tolerance = { kind: "relative", allowed: 0.005, floor: 0.01 };
const WORDS: Tolerance = { kind: "absolute", allowed: 0, unit: "" };
/** Beyond this many hours the peer answers in words. */
const PEER_SAYS_WORDS_ABOVE_H = 8;
/** A peer value is excused only where its own heat balance is this far off, W/m², while ours closes. */
const PEER_RESIDUAL_W_PER_M2 = 0.5;
const OWN_RESIDUAL_W_PER_M2 = 0.01;
const DEBT_WH_PER_M2 = 40;

const CRITERIA = [
  ["minimal", "min"],
  ["neutral", "neutral"],
] as const satisfies [IreqCriterion, string][];

function compareLimit(
  tally: Tally,
  notes: string[],
  where: string,
  at: IreqInput,
  criterion: IreqCriterion,
  expected: IreqCase,
  dle: Dle,
): void {
  const quantity = `DLE ${criterion}`;
  const found = exposureLimit(at, criterion, expected.clo, expected.p);
  if (typeof dle !== "number") {
    const agrees = found.kind === "unlimited" || found.hours > PEER_SAYS_WORDS_ABOVE_H * (1 - SHARE.allowed);
    tally.note(`${quantity} in words`, where, agrees ? 0 : Infinity, WORDS);
    return;
  }
  const hours = found.kind === "limited" ? found.hours : Infinity;
  if (Math.abs(hours / dle - 1) > SHARE.allowed && found.kind === "limited") {
    const residualAt = ireqOfClothing(at, criterion, expected.clo, expected.p);
    const peer = residualAt(-DEBT_WH_PER_M2 / dle);
    const own = residualAt(-DEBT_WH_PER_M2 / hours);
    if (Math.abs(peer) > PEER_RESIDUAL_W_PER_M2 && Math.abs(own) < OWN_RESIDUAL_W_PER_M2) {
      notes.push(
        `${quantity}, ${where}: ours ${hours.toPrecision(5)} h, residual ${own.toExponential(1)} W/m²; peer ${dle} h, residual ${peer.toFixed(2)} W/m²: excused`,
      );
      return;
    }
  }
  tally.compare(quantity, where, hours, dle, SHARE);
}

/** Required insulation and duration limited exposure of ISO 11079 against ours. */
export function compareIreq(file: IreqFile): FileReport {
  const tally = new Tally();
  const notes: string[] = [];
  for (const expected of file.cases) {
    const at: IreqInput = {
      airTemperatureC: expected.ta,
      radiantTemperatureC: expected.tr,
      relativeWindMPerS: expected.v,
      relativeHumidityPercent: expected.rh,
      metabolicRateWPerM2: expected.m,
      walkSpeedMPerS: expected.walk,
    };
    const where = `${expected.ta} °C, ${expected.v} m/s, ${expected.m} W/m², ${expected.clo} clo, p ${expected.p}`;
    for (const [criterion, suffix] of CRITERIA) {
      const required = requiredInsulation(at, criterion, expected.p);
      tally.compare(`IREQ ${criterion}`, where, required.requiredClo, expected[`ireq_${suffix}`], SHARE);
      tally.compare(`Icl ${criterion}`, where, required.intrinsicClo, expected[`icl_${suffix}`], SHARE);
      compareLimit(tally, notes, where, at, criterion, expected, expected[`dle_${suffix}`]);
    }
  }
  return tally.report(file.cases.length, notes);
}
