import type { Layer } from "../clothing";
import { CoreError } from "../errors";
import { readLabel, type PatchReading } from "../labels";
import { PATCHES, SIDES, SITE_INDEX, siteKey, SITES, type Patch, type Side } from "../patches";
import { buildOutfit, Wardrobe, type Outfit, type SiteLayers } from "../sitter";
import type { Piece, Wearing } from "./outing";

/** An outfit for a span of the outing, and the layers that count only where weight rests. */
export type Dress = {
  readonly fromMinute: number;
  readonly outfit: Outfit;
  /** Layers with pads under seat and soles, for contact. */
  readonly contactLayers: SiteLayers;
};

/** A wearing with its piece read: which layers it lays on which site. */
type Worn = Wearing & {
  readonly piece: Piece;
  readonly covers: readonly { readonly site: number; readonly layers: readonly Layer[] }[];
};

const sidesOf = (side: Side | "both"): readonly Side[] => (side === "both" ? SIDES : [side]);

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

const coversOf = (readings: readonly PatchReading[], side: Wearing["side"]): Worn["covers"] =>
  readings.flatMap((reading) => sitesOf(reading, side).map((site) => ({ site, layers: reading.layers })));

function layersOf(worn: readonly Worn[]): SiteLayers {
  const layers: Layer[][] = SITES.map(() => []);
  for (const { covers } of worn) for (const { site, layers: own } of covers) layers[site]!.push(...own);
  return layers;
}

/** The same with what lies under seat and soles. */
function withPads(layers: SiteLayers, pads: readonly Worn[]): SiteLayers {
  const padded = [...layers];
  for (const { covers } of pads) for (const { site, layers: own } of covers) padded[site] = [...padded[site]!, ...own];
  return padded;
}

const inMitt = (worn: readonly Worn[], side: Side): boolean =>
  worn.some(({ piece, side: on }) => piece.fingersTogether && sidesOf(on).includes(side));

/**
 * The outfits of an outing in order of time: a new one wherever something is put on or taken off.
 * @throws {CoreError} `unknown-piece` when a wearing names a piece that is not there
 */
export function dressings(pieces: readonly Piece[], wearings: readonly Wearing[]): Dress[] {
  const read = new Map(pieces.map((piece) => [piece.id, { piece, readings: readLabel(piece.label) }]));
  const known = wearings.map((wearing): Worn => {
    const readPiece = read.get(wearing.pieceId);
    if (!readPiece)
      throw new CoreError("unknown-piece", `a wearing names piece ${wearing.pieceId}, which is not in the outing`);
    return { ...wearing, piece: readPiece.piece, covers: coversOf(readPiece.readings, wearing.side) };
  });
  const outwards = [...known].sort((one, other) => one.rank - other.rank);
  const changes = [...new Set([0, ...known.flatMap(({ fromMinute, toMinute }) => [fromMinute, toMinute])])];
  const wardrobe = new Wardrobe();
  const dresses: Dress[] = [];
  for (const fromMinute of changes.filter((minute) => minute >= 0).sort((one, other) => one - other)) {
    const on = outwards.filter((wearing) => wearing.fromMinute <= fromMinute && fromMinute < wearing.toMinute);
    const clothes = on.filter(({ piece }) => piece.kind !== "pad");
    const pads = on.filter(({ piece }) => piece.kind === "pad");
    const layers = layersOf(clothes);
    const mitts = { left: inMitt(clothes, "left"), right: inMitt(clothes, "right") };
    dresses.push({
      fromMinute,
      outfit: buildOutfit(layers, mitts, wardrobe),
      contactLayers: withPads(layers, pads),
    });
  }
  return dresses;
}
