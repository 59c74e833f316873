import { FACE_PERMEABILITY_L_PER_M2S, readLabel, type Label, type PatchReading } from "../labels";
import { ORDINARY_ADULT } from "../outing";
import { siteAreasM2 } from "../dressing";
import { KIND_TABLE, type Piece } from "../pieces";
import { SITES } from "../patches";
import { driesFromOneSideGPerM2H } from "../water";
import { DRYING_SIDES, type DryingWay } from "./drying";

/** A room where things dry overnight (assumption). */
export const DRYING_ROOM = { airC: 20, relativeHumidityPercent: 40 } as const;
/** Cloth of a close garment over the skin it covers: seams, hems, room to move in (assumption). */
export const CLOTH_PER_SKIN = 1.5;

/** What is known of a piece that was soaked. */
export type SoakedPiece = Pick<Piece, "label" | "kind"> & { readonly massG?: number | null | undefined };

const absorbedGPerM2 = ({ layers }: PatchReading): number =>
  layers.reduce((sum, { absorbingGPerM2 = 0 }) => sum + absorbingGPerM2, 0);

/** Cloth of a piece, m². */
function clothAreaM2(label: Label): number {
  const areas = siteAreasM2({ ...ORDINARY_ADULT, sex: "male" });
  const covered = new Map<number, number>();
  for (const { patch, side, coverShare } of readLabel(label)) {
    SITES.forEach((site, index) => {
      if (site.patch !== patch || (side !== "both" && site.side !== null && site.side !== side)) return;
      covered.set(index, Math.max(covered.get(index) ?? 0, coverShare));
    });
  }
  return CLOTH_PER_SKIN * [...covered].reduce((sum, [place, share]) => sum + areas[place]! * share, 0);
}

/**
 * Water in a piece that holds its own mass, where it holds most, g/m². All that is cloth takes it up, face and lining
 * too: by the mass of the whole piece where that is known and nothing of it is rubber.
 */
function soakedGPerM2({ label, kind, massG }: SoakedPiece): number {
  const byLabel = Math.max(0, ...readLabel(label).map(absorbedGPerM2));
  if (!massG || !KIND_TABLE[kind].soaksThroughout) return byLabel;
  const areaM2 = clothAreaM2(label);
  return areaM2 > 0 ? Math.max(byLabel, massG / areaM2) : byLabel;
}

/** Whether vapour passes the outer face; a membrane lets so little through that the lining's side dries it. */
const isClosed = (label: Label): boolean =>
  label.kind === "panels" && FACE_PERMEABILITY_L_PER_M2S[label.face] <= FACE_PERMEABILITY_L_PER_M2S.membrane;

/**
 * Hours a piece takes to dry that holds its own mass of water where it holds most, in a room; `null` where it never does.
 * @source heat and vapour at a wet cloth as deep as it is thick (`driesFromOneSideGPerM2H`); sides are assumptions
 */
export function hoursToDrySoaked(piece: SoakedPiece, way: DryingWay): number | null {
  const waterGPerM2 = soakedGPerM2(piece);
  if (waterGPerM2 === 0) return 0;
  const sides = Math.min(DRYING_SIDES[way], isClosed(piece.label) ? 1 : DRYING_SIDES[way]);
  const thickest = Math.max(0, ...readLabel(piece.label).map(({ insulationM2KPerW }) => insulationM2KPerW));
  const { airC, relativeHumidityPercent } = DRYING_ROOM;
  const gPerM2H = sides * driesFromOneSideGPerM2H(airC, relativeHumidityPercent, thickest);
  return gPerM2H > 0 ? waterGPerM2 / gPerM2H : null;
}
