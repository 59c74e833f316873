import { minutesStillOf } from "../limits";
import { isExtrapolated, type Outing } from "../outing";
import { simulateSitMinutes } from "../simulation";
import { STARTER_KITS, type StarterKitKey } from "../starter-kit";
import { starterOutfit } from "./starter-outfit";

/** Kits for a person, the lightest first; whoever avoids what comes of animals gets none of it. */
function kitsFor(person: Outing["person"], avoidsAnimals: boolean): readonly StarterKitKey[] {
  if (isExtrapolated(person.body)) return ["child"];
  return avoidsAnimals ? ["animalFree"] : ["careful", "middle", "best"];
}

/** Minutes that a generic kit lasts in an outing's first sit, put on as usual; longer than is looked at counts as endless. */
function minutesIn(outing: Outing, kit: StarterKitKey): number {
  const dressed = { ...outing, ...starterOutfit(STARTER_KITS[kit].pieces, outing.phases) };
  const [first] = simulateSitMinutes(dressed).sits;
  return first ? (minutesStillOf(first) ?? Infinity) : 0;
}

/**
 * The generic kit for an outing: the lightest in which the first sit lasts as long as is planned, else the one that lasts
 * longest. Each is simulated; what is worn in the outing does not matter.
 * @throws {CoreError} as `simulateSitMinutes` does
 */
export function kitForCold(outing: Outing, avoidsAnimals = false): StarterKitKey {
  const wanted = outing.phases.find(({ kind }) => kind === "sit")?.minutes ?? 0;
  let best = { kit: "middle" as StarterKitKey, minutes: -1 };
  for (const kit of kitsFor(outing.person, avoidsAnimals)) {
    const minutes = minutesIn(outing, kit);
    if (minutes >= wanted) return kit;
    if (minutes > best.minutes) best = { kit, minutes };
  }
  return best.kit;
}
