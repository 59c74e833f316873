import { patchResistances } from "../sitter";
import type { Outing } from "../outing";
import { phaseAt, Surroundings } from "./surroundings";

/**
 * Resistance of every patch at a minute of an outing, m²·K/W, by site.
 * @throws {CoreError} `unknown-piece`, `no-weather`
 */
export function resistancesAt(outing: Outing, minute: number): Record<string, number> {
  const { phase, minuteInPhase } = phaseAt(outing.phases, minute);
  return patchResistances(outing.person.body, new Surroundings(outing).at(minute, phase, minuteInPhase));
}
