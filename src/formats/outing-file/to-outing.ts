import { MS_PER_MINUTE } from "@/core/units";
import { usualLevels, type Outing } from "@/core/outing";
import type { OutingFile } from "./schema/outing-schema";

/** Minutes from the outing's start to an instant. */
export const minutesFrom = (startsAt: string, instant: string): number =>
  (Date.parse(instant) - Date.parse(startsAt)) / MS_PER_MINUTE;

/** Instant of a minute of the outing, ISO 8601 in UTC. */
export const instantAt = (startsAt: string, minute: number): string =>
  new Date(Date.parse(startsAt) + minute * MS_PER_MINUTE).toISOString();

/** The core's outing of a file: instants become elapsed minutes. */
export function toOuting(file: Omit<OutingFile, "formatVersion" | "name" | "timeZone">): Outing {
  const { accepted, workingHand, coldHands, feels, heatDebtEnds, calibration, learnt, ...body } = file.person;
  return {
    person: {
      body,
      accepted: { ...usualLevels(body), ...accepted },
      workingHand,
      coldHands,
      feels,
      heatDebtEnds,
      calibration,
      learnt,
    },
    place: file.place,
    start: file.start,
    storedStartC: file.storedStartC,
    startsAtMs: Date.parse(file.startsAt),
    weather: file.weather
      .map(({ at, ...values }) => ({ minute: minutesFrom(file.startsAt, at), ...values }))
      .sort((one, other) => one.minute - other.minute),
    phases: file.phases,
    pieces: file.pieces,
    wearings: file.wearings,
  };
}
