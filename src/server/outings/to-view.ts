import type { listOutings, OutingRows } from "@/db";
import { notesViewOf } from "../people/notes-view";
import { personContentOf } from "../people/person-content";
import { toPieceView } from "../kit/piece-view";
import {
  readEffort,
  readHeat,
  readPracticePreferences,
  readPreparation,
  readRecurring,
  readSetting,
  readTyped,
} from "../stored/stored";
import { readVerdict } from "../stored/stored-figures";
import type {
  OutingLine,
  OutingView,
  PhaseView,
  WearingView,
  WeatherHourView,
} from "@/formats/wire/outing/outing-view";

/** Rows of an outing as browsers get them. */
export function toView({ outing, person, place, weather, phases, wearings, kit, learnt }: OutingRows): OutingView {
  return {
    id: outing.id,
    version: outing.version,
    name: outing.name,
    invented: outing.invented,
    startsAt: outing.startsAt.toISOString(),
    partyId: outing.partyId,
    person: {
      id: person.id,
      ...personContentOf(person),
      practicePreferences: readPracticePreferences(person.practicePreferences, person.name),
      notes: notesViewOf(person, learnt),
    },
    place: { id: place.id, name: place.name, timeZone: place.timeZone },
    setting: readSetting(outing.setting, outing.name),
    weatherShaped: outing.weatherShaped,
    plan: readPreparation(outing.plan, outing.name),
    weather: weather.map((row) => toHour(row, outing.name)),
    phases: phases.map((row) => toPhase(row, outing.name)),
    wearings: wearings.map((row) => toWearing(row, outing.name)),
    kit: kit.map(toPieceView),
  };
}

/** An hour of weather as it is sent and kept in files. @param whose outing, for an error */
export const toHour = (
  { ownerId: _owner, outingId: _outing, at, ...hour }: OutingRows["weather"][number],
  whose: string,
): WeatherHourView => ({
  at: at.toISOString(),
  ...hour,
  airTemperatureTyped: readTyped(hour.airTemperatureTyped, whose),
  windTyped: readTyped(hour.windTyped, whose),
});

/** A wearing as it is sent and kept in files. @param whose outing, for an error */
export const toWearing = (
  { ownerId: _owner, outingId: _outing, ...wearing }: OutingRows["wearings"][number],
  whose: string,
): WearingView => ({ ...wearing, heat: readHeat(wearing.heat, whose) });

/** A phase without what it does not say. @param whose outing, for an error */
export function toPhase(row: OutingRows["phases"][number], whose: string): PhaseView {
  const { id, kind, minutes, posture, activityRatio, walkSpeedMPerS, effort, leaning, hands, dexterityNeeded } = row;
  const recurring = readRecurring(row.recurring, whose);
  return {
    id,
    kind,
    minutes,
    posture,
    activityRatio,
    walkSpeedMPerS,
    effort: readEffort(effort, whose) ?? undefined,
    leaning: leaning || undefined,
    hands: hands ?? undefined,
    dexterityNeeded: dexterityNeeded ?? undefined,
    wetBy: row.wetBy.length > 0 ? row.wetBy : undefined,
    recurring: recurring.length > 0 ? recurring : undefined,
  };
}

type ListedOuting = Awaited<ReturnType<typeof listOutings>>[number];

export const toLine = ({
  outing,
  personName,
  placeName,
  timeZone,
}: ListedOuting): Omit<OutingLine, "isRecomputing"> => ({
  id: outing.id,
  name: outing.name,
  invented: outing.invented,
  inventedWeather: readPreparation(outing.plan, outing.name).forecast?.invented ?? false,
  startsAt: outing.startsAt.toISOString(),
  timeZone,
  personId: outing.personId,
  personName,
  placeName,
  partyId: outing.partyId,
  verdict: readVerdict(outing.verdict),
});
