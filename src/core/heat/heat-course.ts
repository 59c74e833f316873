import { MINUTES_PER_HOUR } from "../units";
import { clamp } from "../numeric";
import { capacityShare, pocketC } from "./battery";
import type { HeatSource, HeatSpan } from "./heat-source";

/** A pack holds its power to the last quarter of its hours and dies away through it (assumption). */
export const PACK_FADES_FROM = 0.75;

/** Power of a source through an outing, W a minute, and what its battery is left with. */
export type HeatCourse = {
  readonly powerW: Float64Array;
  /** Share of what the battery gives in this cold that is left at the end; `null` for a pack. */
  readonly leftShare: number | null;
  /** Minute at which the battery was empty while it was still wanted; `null` where it lasted. */
  readonly emptyAtMinute: number | null;
};

/** Power of one opened pack, W. @source common practice: minutes to start, hours to run; the shape is an assumption */
export function packPowerW(pack: Extract<HeatSource, { kind: "pack" }>, sinceOpenedMinutes: number): number {
  const endMinutes = pack.hours * MINUTES_PER_HOUR;
  if (sinceOpenedMinutes < 0 || sinceOpenedMinutes >= endMinutes) return 0;
  const started = pack.startUpMinutes > 0 ? clamp(sinceOpenedMinutes / pack.startUpMinutes, 0, 1) : 1;
  const fadesFrom = PACK_FADES_FROM * endMinutes;
  const left = sinceOpenedMinutes > fadesFrom ? (endMinutes - sinceOpenedMinutes) / (endMinutes - fadesFrom) : 1;
  return pack.powerW * Math.min(started, left);
}

/**
 * What a source gives minute by minute.
 * @param minutes length of the outing with what may be held past it
 * @param airTemperatureC mean of the outing: a battery gives less in the cold
 */
export function heatCourse(
  source: HeatSource,
  spans: readonly HeatSpan[],
  minutes: number,
  airTemperatureC: number,
): HeatCourse {
  const powerW = new Float64Array(minutes);
  if (source.kind === "pack") {
    for (const { fromMinute } of spans) {
      // A second pack taken stands in for the first.
      for (let minute = Math.max(0, fromMinute); minute < minutes; minute++)
        powerW[minute] = packPowerW(source, minute - fromMinute);
    }
    return { powerW, leftShare: null, emptyAtMinute: null };
  }
  const givenWMin = source.batteryWh * capacityShare(pocketC(airTemperatureC)) * MINUTES_PER_HOUR;
  let leftWMin = givenWMin;
  let emptyAtMinute: number | null = null;
  for (let minute = 0; minute < minutes; minute++) {
    const span = spans.find(({ fromMinute, toMinute }) => fromMinute <= minute && minute < toMinute);
    if (!span) continue;
    const wantedW = source.levelsW[Math.min(span.level, source.levelsW.length) - 1]!;
    powerW[minute] = Math.min(wantedW, leftWMin);
    if (leftWMin < wantedW) emptyAtMinute ??= minute;
    leftWMin -= powerW[minute]!;
  }
  return { powerW, leftShare: leftWMin / givenWMin, emptyAtMinute };
}
