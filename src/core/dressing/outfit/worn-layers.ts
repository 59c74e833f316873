import { LEAK_POINTS, SITES, type LeakPoint, type Patch, type Side } from "../../patches";
import type { SiteLayers } from "../../sitter";
import { sidesOf, type Worn } from "./covers";
import { dexterityOf, NO_HANDS, type HandsNeeded } from "../hands";
import type { OwnedLayer } from "./water-layers";

// What lies where when some pieces are worn together.

/** Whether handwear has to come off a hand that is needed. */
const isInTheWay = ({ piece }: Worn, side: Side | null, needed: HandsNeeded): boolean =>
  piece.kind === "handwear" && side !== null && needed[side] > dexterityOf(piece);

/** Layers on every site, each with the piece it belongs to. */
export type Laid = readonly (readonly OwnedLayer[])[];

export function layersOf(worn: readonly Worn[], needed: HandsNeeded, bared: readonly Patch[]): Laid {
  const layers = Array.from({ length: SITES.length }, (): OwnedLayer[] => []);
  for (const wearing of worn) {
    for (const { site, side, layers: own } of wearing.covers) {
      if (needed !== NO_HANDS && isInTheWay(wearing, side, needed)) continue;
      if (bared.length > 0 && bared.includes(SITES[site]!.patch)) continue;
      const on = layers[site]!;
      for (let layer = 0; layer < own.length; layer++) on.push(own[layer]!);
    }
  }
  return layers;
}

/** Lowest shaft that water may run over; a gaiter that closes the ankles keeps it out. */
export function openShaftCm(worn: readonly Worn[]): number | null {
  if (worn.some(({ piece }) => piece.seals?.includes("ankles"))) return null;
  const shafts = worn.flatMap(({ piece }) => (piece.kind === "footwear" ? (piece.shaftHeightCm ?? []) : []));
  return shafts.length > 0 ? Math.min(...shafts) : null;
}

/** The same with what lies between the body and what it rests on. */
export function withPads(layers: SiteLayers, pads: readonly Worn[]): SiteLayers {
  const padded = [...layers];
  for (const { covers } of pads) for (const { site, layers: own } of covers) padded[site] = [...padded[site]!, ...own];
  return padded;
}

export const inMitt = (worn: readonly Worn[], side: Side, needed: HandsNeeded): boolean =>
  worn.some(
    (wearing) =>
      wearing.piece.fingersTogether && sidesOf(wearing.side).includes(side) && !isInTheWay(wearing, side, needed),
  );

/** A point leaks where a piece ends and none closes it, or where a closure is opened by hand. */
export const leaksOf = (worn: readonly Worn[]): LeakPoint[] =>
  LEAK_POINTS.filter((point) => {
    if (worn.some(({ opened }) => opened?.includes(point))) return true;
    return (
      worn.some(({ piece }) => piece.endsAt?.includes(point)) && !worn.some(({ piece }) => piece.seals?.includes(point))
    );
  });
