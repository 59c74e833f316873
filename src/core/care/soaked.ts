import { readLabel, type Label } from "../labels";
import { hoursToDry, type DryingWay } from "./drying";

/** A room where things dry overnight (assumption). */
export const DRYING_ROOM = { airC: 20, relativeHumidityPercent: 40 } as const;

/** Water a piece takes up where it takes up most, its own mass of fibre, g/m². */
const soakedGPerM2 = (label: Label): number =>
  readLabel(label).reduce(
    (most, { layers }) =>
      Math.max(
        most,
        layers.reduce((sum, { absorbingGPerM2 = 0 }) => sum + absorbingGPerM2, 0),
      ),
    0,
  );

/**
 * Hours a piece takes to dry that holds its own mass of water where it holds most, in a room; `null` where it never does.
 * @source as of `hoursToDry`
 */
export const hoursToDrySoaked = (label: Label, way: DryingWay): number | null =>
  hoursToDry(soakedGPerM2(label), way, DRYING_ROOM.airC, DRYING_ROOM.relativeHumidityPercent);
