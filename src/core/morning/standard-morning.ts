import { isExtrapolated, type Outing, type OutingPerson } from "../outing";
import { USUAL_START } from "../sitter";
import { STARTER_KITS, type StarterKitKey } from "../starter-kit";
import { starterOutfit } from "./starter-outfit";
import { usualPhases } from "./usual-phases";

/** The morning that people are compared in (assumption: an ordinary one of the trade). */
export const STANDARD_MORNING = {
  airTemperatureC: -8,
  windMPerS: 3,
  relativeHumidityPercent: 80,
  sitMinutes: 240,
  shelter: "edgeOfWood",
  ground: "snow",
  kit: "best",
} as const;

/** Which generic kit a person wears in it. */
export const standardKitOf = ({ body }: Pick<OutingPerson, "body">): StarterKitKey =>
  isExtrapolated(body) ? "child" : STANDARD_MORNING.kit;

/** The standard morning of a person, in generic clothes of their size. */
export function standardMorning(person: OutingPerson, kit: StarterKitKey = standardKitOf(person)): Outing {
  const { airTemperatureC, windMPerS, relativeHumidityPercent, sitMinutes, shelter, ground } = STANDARD_MORNING;
  const phases = usualPhases(sitMinutes);
  return {
    person,
    place: { shelter, ground, seatHeightM: 0, snowCover: true },
    start: USUAL_START,
    weather: [{ minute: 0, airTemperatureC, windMPerS, relativeHumidityPercent, radiantTemperatureC: null }],
    phases,
    ...starterOutfit(STARTER_KITS[kit].pieces, phases),
  };
}
