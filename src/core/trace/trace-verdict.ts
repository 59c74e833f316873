import * as m from "@/messages";
import { DIGITS, type Digit } from "../digits";
import { LIMIT_TABLE, type Crossing } from "../limits";
import { replayTo, type SitAnswer } from "../simulation";
import { sitSpans, type Outing } from "../outing";
import { SITE_INDEX } from "../patches";
import { bodyFlows, digitFlows, greatestLosses } from "./flows";
import { traceStack } from "./stack-trace";
import type { LimitTrace, Trace } from "./trace";

const STACKS_OF_A_BODY = 3;
const SITE_OF_FACE = { nose: "face", cheeks: "face", ears: "ears" } as const;

/** The digit a crossing is of; `null` for the whole body. Both sides are shown by the left. */
function digitOf({ place: { part, side } }: Crossing): Digit | null {
  if (part === "body") return null;
  if (part === "nose" || part === "cheeks" || part === "ears") return part;
  const found = `${side === "right" ? "right" : "left"}${part === "toes" ? "Toes" : "Fingers"}`;
  return DIGITS.find((digit) => digit === found) ?? null;
}

/** The site whose stack decides a crossing. */
function siteOf({ place: { part, side } }: Crossing): number | null {
  if (part === "body") return null;
  if (part === "toes" || part === "fingers") return SITE_INDEX[`${part}.${side === "right" ? "right" : "left"}`]!;
  return SITE_INDEX[SITE_OF_FACE[part]]!;
}

function traceLimit({ limit, level, place }: Crossing): LimitTrace {
  const { value, unit, source } = LIMIT_TABLE[limit];
  return { limit, level, place, value: value[level], unit, source };
}

/**
 * Why a sit's answer is what it is: the limit, the heat at that minute, the stacks, the labels, their sources.
 * @throws {CoreError} as `simulateOuting` does
 */
export function traceVerdict(outing: Outing, sit: SitAnswer): Trace {
  const { verdict } = sit;
  if (verdict.kind === "longerThan") {
    return { kind: "longerThan", minutes: verdict.minutes, why: m.noLimitIsPassedAsFar };
  }
  const { crossing } = verdict;
  const span = sitSpans(outing.phases).find(({ fromMinute }) => fromMinute === sit.fromMinute)!;
  const moment = replayTo(outing, span, sit.fromMinute + crossing.minute);
  const digit = digitOf(crossing);
  const site = siteOf(crossing);
  const sites =
    site === null
      ? greatestLosses(moment)
          .slice(0, STACKS_OF_A_BODY)
          .map((loss) => loss.site)
      : [site];
  const { airTemperatureC, radiantTemperatureC, relativeWindMPerS, groundTemperatureC, activityRatio } = moment.at;
  return {
    kind: "ended",
    minutesStill: verdict.kind === "ends" ? verdict.minutesStill : 0,
    limit: traceLimit(crossing),
    conditions: { airTemperatureC, radiantTemperatureC, relativeWindMPerS, groundTemperatureC, activityRatio },
    digit: digit && digitFlows(moment, digit),
    body: bodyFlows(moment),
    stacks: sites.map((own) => traceStack(outing, moment, own)),
  };
}
