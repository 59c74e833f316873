import type { listOutings, OutingRows } from "@/db";
import type { LimitPart, LimitPlace } from "@/core/limits";
import { usualLevels } from "@/core/outing";
import { toPieceView } from "../kit/piece-view";
import type { OutingLine, OutingView, PhaseView, VerdictLine } from "@/formats/wire/outing-view";

/** Rows of an outing as browsers get them. */
export function toView({ outing, person, place, weather, phases, wearings, kit }: OutingRows): OutingView {
  return {
    id: outing.id,
    version: outing.version,
    name: outing.name,
    invented: outing.invented,
    startsAt: outing.startsAt.toISOString(),
    partyId: outing.partyId,
    person: {
      id: person.id,
      name: person.name,
      heightM: person.heightM,
      massKg: person.massKg,
      fatPercent: person.fatPercent,
      ageYears: person.ageYears,
      sex: person.sex,
      // A person stored before a limit was known accepts the usual level of it.
      accepted: { ...usualLevels(person), ...person.accepted },
      workingHand: person.workingHand,
      coldHands: person.coldHands,
      heldTo: person.heldTo,
    },
    place: { id: place.id, name: place.name, timeZone: place.timeZone },
    setting: outing.setting,
    weatherShaped: outing.weatherShaped,
    plan: outing.plan,
    weather: weather.map(({ ownerId: _owner, outingId: _outing, at, ...hour }) => ({ at: at.toISOString(), ...hour })),
    phases: phases.map(toPhase),
    wearings: wearings.map(({ ownerId: _owner, outingId: _outing, ...wearing }) => wearing),
    kit: kit.map(toPieceView),
  };
}

/** A phase without what it does not say. */
export function toPhase(row: OutingRows["phases"][number]): PhaseView {
  const { id, kind, minutes, posture, activityRatio, walkSpeedMPerS, effort, leaning, hands, dexterityNeeded } = row;
  return {
    id,
    kind,
    minutes,
    posture,
    activityRatio,
    walkSpeedMPerS,
    effort: effort ?? undefined,
    leaning: leaning || undefined,
    hands: hands ?? undefined,
    dexterityNeeded: dexterityNeeded ?? undefined,
    wetBy: row.wetBy.length > 0 ? row.wetBy : undefined,
    recurring: row.recurring.length > 0 ? row.recurring : undefined,
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
  inventedWeather: outing.plan.forecast?.invented ?? false,
  startsAt: outing.startsAt.toISOString(),
  timeZone,
  personId: outing.personId,
  personName,
  placeName,
  partyId: outing.partyId,
  verdict: outing.verdict && toVerdictLine(outing.verdict),
});

/** A verdict as it is kept, with what those of older models do not say. */
export const toVerdictLine = (stored: NonNullable<ListedOuting["outing"]["verdict"]>): VerdictLine => ({
  ...stored,
  lowMinutes: stored.lowMinutes ?? null,
  highMinutes: stored.highMinutes ?? null,
  standardMinutes: stored.standardMinutes ?? null,
  part: stored.part as LimitPart | null,
  side: stored.side as LimitPlace["side"],
});
