import * as m from "@/messages";
import { anchoredTimeMs, type SunAnchor } from "@/core/day";
import { USUAL_MINUTES_TO_SEAT } from "@/core/morning";
import { MS_PER_MINUTE } from "@/core/units";
import { instantOf } from "@/formats/local-time";
import type { Position } from "@/formats/position/read-position";

/** What a start is given by. */
export const START_WAYS = ["walkAt", "seatedAt", "beforeSunrise", "beforeSunset"] as const;
export type StartWay = (typeof START_WAYS)[number];
export const START_WORDS: Readonly<Record<StartWay, string>> = {
  walkAt: m.startWalkingAt,
  seatedAt: m.beSeatedAt,
  beforeSunrise: m.beSeatedBeforeSunriseBy,
  beforeSunset: m.beSeatedBeforeSunsetBy,
};
const ANCHOR: Readonly<Partial<Record<StartWay, SunAnchor>>> = { beforeSunrise: "sunrise", beforeSunset: "sunset" };
export const isBySun = (way: StartWay): boolean => ANCHOR[way] !== undefined;

export type When = {
  /** "2027-01-15" by the clock of the place. */
  readonly date: string;
  readonly way: StartWay;
  /** "05:40" by the clock of the place. */
  readonly clock: string;
  readonly minutesBefore: number;
};

/** When one starts walking and is seated, ms since 1970 UTC. */
export type Start = { readonly startMs: number; readonly seatedMs: number };

/** @returns the start, or why there is none */
export function startOf(when: When, timeZone: string, position: Position | null): Start | string {
  const anchor = ANCHOR[when.way];
  const toSeatMs = USUAL_MINUTES_TO_SEAT * MS_PER_MINUTE;
  if (anchor) {
    if (!position) return m.thePlaceHasNoPointOnTitle;
    const noon = instantOf(`${when.date}T12:00`, timeZone);
    if (!noon) return m.giveADate;
    const { latitudeDeg, longitudeDeg } = position;
    const seatedMs = anchoredTimeMs(anchor, when.minutesBefore, Date.parse(noon), latitudeDeg, longitudeDeg);
    if (seatedMs === null) return m.theSunDoesNotRiseOr;
    return { startMs: seatedMs - toSeatMs, seatedMs };
  }
  const instant = instantOf(`${when.date}T${when.clock}`, timeZone);
  if (!instant) return m.giveADateAndATime;
  const ms = Date.parse(instant);
  return when.way === "walkAt" ? { startMs: ms, seatedMs: ms + toSeatMs } : { startMs: ms - toSeatMs, seatedMs: ms };
}
