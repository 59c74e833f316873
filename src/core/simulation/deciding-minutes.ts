import { leastMinutesStill, type Crossing, type LevelVerdict } from "../limits";
import type { Outing, SitSpan } from "../outing";
import { liveUntilSure } from "./live-until-sure";
import { beginRun, type SimulationOptions } from "./run-outing";
import { trunkWaterGPerM2 } from "./series";
import { decidingSit, type SeenCrossings } from "./sit-answer";
import { seenInSit } from "./sit-minutes";

/** The verdict of the sit that decides, and how wet one arrives. */
export type DecidingMinutes = {
  readonly verdict: LevelVerdict;
  /** Limits of that sit that were seen to be passed, the first first. */
  readonly crossings: readonly Crossing[];
  /** Minutes of that sit that were simulated: what was not passed is not passed until then. */
  readonly covered: number;
  /** Water in the clothes of the trunk at the start of the first sit, g/m². */
  readonly sweatGPerM2: number;
};

/** A sit that fails is looked at for half as long again: what comes next teaches who tries to mend it (assumption). */
const LOOKED_PAST_SHARE = 0.5;

/**
 * Minutes still of the sit that decides an outing: what `simulateOuting` says of it, simulated no further than that takes.
 * What comes after the last sit, or after one that fails its plan, is not asked.
 * @param mostSweatGPerM2 who arrives wetter is not simulated further: `null`
 * @throws {CoreError} as `simulateOuting` does
 */
export function decidingMinutes(
  outing: Outing,
  options: SimulationOptions,
  mostSweatGPerM2: number = Infinity,
): DecidingMinutes | null {
  const { run, spans } = beginRun(outing, { ...options, allCurves: false });
  const sits: (SitSpan & SeenCrossings)[] = [];
  let sweatGPerM2 = 0;
  let start = 0;
  for (let phase = 0; phase < outing.phases.length; phase++) {
    if (start === spans[0]!.fromMinute) {
      sweatGPerM2 = trunkWaterGPerM2(run.course.sitter);
      if (sweatGPerM2 > mostSweatGPerM2) return null;
    }
    const end = start + outing.phases[phase]!.minutes;
    const stretch = { phase, phaseStart: start, from: start, to: end };
    const span = spans.find(({ fromMinute, toMinute }) => start >= fromMinute && end <= toMinute);
    start = end;
    if (!span) {
      run.course.live(stretch, run.recorder);
      continue;
    }
    const early = liveUntilSure(run, span, stretch, LOOKED_PAST_SHARE);
    if (!early && end < span.toMinute) continue;
    const seen = early ?? seenInSit(run, span);
    sits.push({ ...span, ...seen });
    if (sits.length === spans.length || leastMinutesStill(seen.verdict) < span.toMinute - span.fromMinute) break;
  }
  const { verdict, crossings, covered } = sits[decidingSit(sits)]!;
  return { verdict, crossings, covered, sweatGPerM2 };
}
