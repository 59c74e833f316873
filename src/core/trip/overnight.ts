import { DRYING_SIDES } from "../care";
import { readLabel } from "../labels";
import { KIND_TABLE, type Piece } from "../pieces";
import { driesFromOneSideGPerM2H } from "../water";
import { DRIER_AIR, FIRE_AIR, SLEEPING_BAG_AIR, STOVE_AIR, type DriedHow, type Night, type NightAir } from "./night";

/** From how many sides air comes to a piece, and how well (assumptions of `DRYING_SIDES`). */
const SIDES: Readonly<Record<DriedHow, number>> = {
  hung: DRYING_SIDES.hung,
  pulledOut: DRYING_SIDES.pulledOut,
  leftTogether: DRYING_SIDES.fixed,
  atTheStove: DRYING_SIDES.hung,
  sleepingBag: 1,
  packed: DRYING_SIDES.packed,
};

type Spell = { readonly air: NightAir; readonly hours: number };

/** The airs a piece hangs in through a night, one after the other. */
function spellsOf(piece: Pick<Piece, "kind">, how: DriedHow, night: Night, hours: number): readonly Spell[] {
  if (how === "sleepingBag") return [{ air: SLEEPING_BAG_AIR, hours }];
  const isDriedBlown = night.hasDrier && KIND_TABLE[piece.kind].isDried && how !== "packed";
  if (isDriedBlown) return [{ air: DRIER_AIR, hours }];
  const fire = Math.min(hours, night.fireHours);
  return [
    { air: how === "atTheStove" ? STOVE_AIR : FIRE_AIR, hours: fire },
    { air: night.air, hours: hours - fire },
  ];
}

/**
 * Water a piece still holds in the morning, g/m² of skin by segment.
 * @param gPerM2 in the evening
 * @param hours from coming in to stepping out
 * @source heat and vapour at a wet cloth as deep as it is thick (`driesFromOneSideGPerM2H`); sides and airs are assumptions
 */
export function dryOvernight(
  piece: Pick<Piece, "kind" | "label">,
  gPerM2: readonly number[],
  how: DriedHow,
  night: Night,
  hours: number,
): number[] {
  const thickest = Math.max(0, ...readLabel(piece.label).map(({ insulationM2KPerW }) => insulationM2KPerW));
  const dried = spellsOf(piece, how, night, Math.max(0, hours)).reduce(
    (sum, { air, hours: spell }) =>
      sum + SIDES[how] * spell * driesFromOneSideGPerM2H(air.airC, air.relativeHumidityPercent, thickest),
    0,
  );
  return gPerM2.map((own) => Math.max(0, own - dried));
}

/** How a piece is usually put to dry: what can be taken apart is; in the pack nothing dries, so nobody leaves it there. */
export const usuallyDried = ({ kind }: Pick<Piece, "kind">): DriedHow =>
  kind === "liner" || kind === "footbed" ? "pulledOut" : kind === "footwear" ? "leftTogether" : "hung";
