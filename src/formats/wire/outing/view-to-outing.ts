import { computedTraitsOf, type Piece } from "@/core/pieces";
import { walkEffort, type Outing, type Phase } from "@/core/outing";
import { USUAL_START } from "@/core/sitter";
import { minutesFrom } from "../../outing-file/to-outing";
import type { OutingView, PhaseView } from "./outing-view";

/** The whole kit of a view as the core takes it. */
export const kitOf = ({ kit }: Pick<OutingView, "kit">): Piece[] =>
  kit.map(({ id, name, kind, label, fingersTogether, traits, massG }) => ({
    id,
    name,
    kind,
    label,
    fingersTogether,
    massG: massG ?? undefined,
    ...computedTraitsOf(traits),
  }));

/** A phase that walks the way the place describes, unless it says itself what is done. */
function phaseOf({ id: _id, ...phase }: PhaseView, { walkIn }: OutingView["setting"]): Phase {
  if (!walkIn || phase.effort) return phase;
  if (phase.kind === "walkIn") return { ...phase, effort: walkEffort(walkIn, phase.minutes, "in") };
  if (phase.kind === "walkOut") return { ...phase, effort: walkEffort(walkIn, phase.minutes, "out") };
  return phase;
}

/** The core's outing of a view: only the pieces worn, instants as elapsed minutes. */
export function viewToOuting(view: OutingView): Outing {
  const { id: _person, name: _name, wearsGlasses: _glasses, usesNotes: _uses, ...person } = view.person;
  const { accepted, workingHand, coldHands, feels, practicePreferences, notes, ...body } = person;
  const { walkIn: _walk, refuge: _refuge, coverage: _coverage, storedFrom, ...place } = view.setting;
  const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
  return {
    person: {
      body,
      accepted,
      workingHand,
      coldHands,
      feels,
      heatDebtEnds: practicePreferences.heatDebtEnds,
      learnt: notes?.learnt ?? undefined,
    },
    place,
    start: USUAL_START,
    // A car that stood outside all night is as cold as the first hour.
    storedStartC: storedFrom === "coldCar" ? view.weather[0]?.airTemperatureC : undefined,
    startsAtMs: Date.parse(view.startsAt),
    weather: view.weather.map(
      ({
        at,
        airTemperatureC,
        windMPerS,
        relativeHumidityPercent,
        radiantTemperatureC,
        cloudShare,
        precipitationMm,
      }) => ({
        minute: minutesFrom(view.startsAt, at),
        airTemperatureC,
        windMPerS,
        relativeHumidityPercent,
        radiantTemperatureC,
        cloudShare,
        precipitationMm,
      }),
    ),
    phases: view.phases.map((phase) => phaseOf(phase, view.setting)),
    pieces: kitOf(view).filter(({ id }) => worn.has(id)),
    wearings: view.wearings.map(({ id: _id, ...wearing }) => wearing),
  };
}
