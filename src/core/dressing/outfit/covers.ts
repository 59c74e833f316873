import type { WornLayer } from "../../clothing";
import type { PatchReading } from "../../labels";
import type { Wearing } from "../../outing";
import { PATCHES, SIDES, SITE_INDEX, siteKey, SITES, type Patch, type Side } from "../../patches";
import type { Piece } from "../../pieces";
import type { WornPiece } from "../changing";
import type { OwnedLayer } from "./water-layers";

type Cover = { readonly site: number; readonly side: Side | null; readonly layers: readonly WornLayer[] };
/** A wearing with its piece read: which layers it lays on which site. */
export type Worn = WornPiece & { readonly pieceIndex: number; readonly covers: readonly OwnedCover[] };
type OwnedCover = Cover & { readonly layers: readonly OwnedLayer[] };

/** Covers of a piece with the piece on every layer; left and right keep sharing theirs. */
export function owning(covers: readonly Cover[], piece: Piece, index: number): OwnedCover[] {
  const known = new Map<readonly WornLayer[], readonly OwnedLayer[]>();
  return covers.map((cover) => {
    const layers =
      known.get(cover.layers) ?? cover.layers.map((own): OwnedLayer => ({ ...own, piece, pieceIndex: index }));
    known.set(cover.layers, layers);
    return { ...cover, layers };
  });
}

export const sidesOf = (side: Side | "both"): readonly Side[] => (side === "both" ? SIDES : [side]);

/** Sites of a patch, left, right or both; one site where the body has no sides. */
const SITES_OF = Object.fromEntries(
  PATCHES.map((patch) => {
    const [left, right] = SIDES.map((side) => SITE_INDEX[siteKey(patch, side)]!) as [number, number];
    return [patch, { left: [left], right: [right], both: left === right ? [left] : [left, right] }];
  }),
) as unknown as Readonly<Record<Patch, Readonly<Record<Wearing["side"], readonly number[]>>>>;

/** Sites a reading covers when the piece is worn on these sides. */
function sitesOf({ patch, side }: PatchReading, wornOn: Wearing["side"]): readonly number[] {
  const sites = SITES_OF[patch];
  if (side === "both") return sites[wornOn];
  return wornOn === "both" || wornOn === side ? sites[side] : sites.both.length === 1 ? sites.both : [];
}

const knownCovers = new WeakMap<readonly PatchReading[], Map<string, readonly Cover[]>>();

/** What a piece lays where when so worn; readings never change, so it is found once. */
export function coversOf(readings: readonly PatchReading[], { side, withoutParts = [] }: Wearing): readonly Cover[] {
  const way = withoutParts.length === 0 ? side : [side, ...withoutParts].join("/");
  const byWay = knownCovers.get(readings) ?? new Map<string, readonly Cover[]>();
  const known = byWay.get(way);
  if (known) return known;
  const covers = readings
    .filter(({ part }) => part === null || !withoutParts.includes(part))
    .flatMap((reading) => {
      const layers = reading.layers.map((layer) => ({ layer, coverShare: reading.coverShare }));
      return sitesOf(reading, side).map((site) => ({ site, side: SITES[site]!.side, layers }));
    });
  knownCovers.set(readings, byWay.set(way, covers));
  return covers;
}
