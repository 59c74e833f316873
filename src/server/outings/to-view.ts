import type { listOutings, OutingRows } from "@/db";
import type { LimitPart, LimitPlace } from "@/core/limits";
import type { OutingLine, OutingView, VerdictLine } from "@/formats/wire/outing-view";

/** Rows of an outing as browsers get them. */
export function toView({ outing, person, place, weather, phases, wearings, kit }: OutingRows): OutingView {
  return {
    id: outing.id,
    version: outing.version,
    name: outing.name,
    invented: outing.invented,
    startsAt: outing.startsAt.toISOString(),
    person: {
      id: person.id,
      name: person.name,
      heightM: person.heightM,
      massKg: person.massKg,
      fatPercent: person.fatPercent,
      ageYears: person.ageYears,
      sex: person.sex,
      accepted: person.accepted,
    },
    place: {
      id: place.id,
      name: place.name,
      shelter: place.shelter,
      seatHeightM: place.seatHeightM,
      ground: place.ground,
      timeZone: place.timeZone,
    },
    weather: weather.map(({ ownerId: _owner, outingId: _outing, at, ...hour }) => ({ at: at.toISOString(), ...hour })),
    phases: phases.map(({ id, kind, minutes, posture, activityRatio, walkSpeedMPerS }) => ({
      id,
      kind,
      minutes,
      posture,
      activityRatio,
      walkSpeedMPerS,
    })),
    wearings: wearings.map(({ id, pieceId, side, rank, fromMinute, toMinute }) => ({
      id,
      pieceId,
      side,
      rank,
      fromMinute,
      toMinute,
    })),
    kit: kit.map(({ id, name, kind, label, fingersTogether, massG }) => ({
      id,
      name,
      kind,
      label,
      fingersTogether,
      massG,
    })),
  };
}

type ListedOuting = Awaited<ReturnType<typeof listOutings>>[number];

export const toLine = ({ outing, personName, placeName, timeZone }: ListedOuting): OutingLine => ({
  id: outing.id,
  name: outing.name,
  invented: outing.invented,
  startsAt: outing.startsAt.toISOString(),
  timeZone,
  personName,
  placeName,
  verdict: outing.verdict && toVerdictLine(outing.verdict),
});

const toVerdictLine = (stored: NonNullable<ListedOuting["outing"]["verdict"]>): VerdictLine => ({
  ...stored,
  part: stored.part as LimitPart | null,
  side: stored.side as LimitPlace["side"],
});
