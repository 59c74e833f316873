import { patchResistances } from "../sitter";
import { phaseConditions } from "./conditions";
import { dressings } from "./dressing";
import type { Outing } from "./outing";

/**
 * Resistance of every patch at a minute of an outing, m²·K/W, by site.
 * @throws {CoreError} `unknown-piece`, `no-weather`
 */
export function resistancesAt(outing: Outing, minute: number): Record<string, number> {
  let end = 0;
  const phase = outing.phases.find(({ minutes }) => (end += minutes) > minute) ?? outing.phases.at(-1)!;
  const dress = dressings(outing.pieces, outing.wearings).findLast(({ fromMinute }) => fromMinute <= minute)!;
  return patchResistances(outing.person.body, phaseConditions(outing, phase)(minute, dress));
}
