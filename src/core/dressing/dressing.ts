import type { BodyPerson } from "../body";
import type { ClothFactor, Misfit, WornLayer } from "../clothing";
import { CoreError } from "../errors";
import { readLabel, type PatchReading } from "../labels";
import {
  LEAK_POINTS,
  PATCHES,
  SIDES,
  SITE_INDEX,
  siteKey,
  SITES,
  type LeakPoint,
  type Patch,
  type Side,
} from "../patches";
import type { WaterPlan } from "../water";
import {
  buildOutfit,
  FactoredStacks,
  Wardrobe,
  type Outfit,
  type SiteLayers,
  type StorePlan,
  type CellAt,
} from "../sitter";
import { changeWindows, liesOver, type ChangeWindow, type WornPiece } from "./changing";
import { dexterityOf, NO_HANDS, withFreeHands, type HandsNeeded } from "./hands";
import { heatersOf, type Heater } from "./heaters";
import type { Wearing } from "../outing";
import { KIND_TABLE, type Piece } from "../pieces";
import { outwards } from "./outwards";
import { siteStacks } from "./stack-over";
import { ArealMasses, storePlanOf } from "./stores";
import { cellOf, waterPlanOf, type OwnedLayer } from "./water-layers";

/** An outfit for a span of the outing, and the layers that count only where weight rests. */
export type OutfitState = {
  readonly fromMinute: number;
  readonly outfit: Outfit;
  /** Layers without pads, as the outfit was built of them. */
  readonly layers: SiteLayers;
  /** Layers with pads under seat, knees, back and soles, for contact. */
  readonly contactLayers: SiteLayers;
  /** Cell of the book that holds the water of a layer without pads. */
  readonly cellAt: CellAt;
  /** Where the clothing is open. */
  readonly leaks: readonly LeakPoint[];
  readonly water: WaterPlan | null;
  /** Lowest shaft on the feet that nothing closes, cm; `null` where none is known. */
  readonly shaftHeightCm: number | null;
  /** What brings heat, and where in the layers it lies. */
  readonly heaters: readonly Heater[];
  /** What of it stores heat over fingers and toes. */
  readonly stores: StorePlan | null;
  /** How much more or less cloth insulates than read; `null` where it is taken as read. */
  readonly clothFactor: ClothFactor | null;
};

/** What of a dress does not follow from how much its cloth insulates. */
type Resolved = Pick<OutfitState, "outfit" | "contactLayers" | "cellAt" | "leaks" | "shaftHeightCm"> & {
  readonly clothes: readonly Worn[];
  readonly layers: Laid;
};

type Cover = { readonly site: number; readonly side: Side | null; readonly layers: readonly WornLayer[] };
/** A wearing with its piece read: which layers it lays on which site. */
type Worn = WornPiece & { readonly pieceIndex: number; readonly covers: readonly OwnedCover[] };
type OwnedCover = Cover & { readonly layers: readonly OwnedLayer[] };

/** Covers of a piece with the piece on every layer; left and right keep sharing theirs. */
function owning(covers: readonly Cover[], piece: Piece, index: number): OwnedCover[] {
  const known = new Map<readonly WornLayer[], readonly OwnedLayer[]>();
  return covers.map((cover) => {
    const layers =
      known.get(cover.layers) ?? cover.layers.map((own): OwnedLayer => ({ ...own, piece, pieceIndex: index }));
    known.set(cover.layers, layers);
    return { ...cover, layers };
  });
}

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

const knownCovers = new WeakMap<readonly PatchReading[], Map<string, readonly Cover[]>>();

/** What a piece lays where when so worn; readings never change, so it is worked out once. */
function coversOf(readings: readonly PatchReading[], { side, withoutParts = [] }: Wearing): readonly Cover[] {
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

/** Whether handwear has to come off a hand that is needed. */
const isInTheWay = ({ piece }: Worn, side: Side | null, needed: HandsNeeded): boolean =>
  piece.kind === "handwear" && side !== null && needed[side] > dexterityOf(piece);

/** Layers on every site, each with the piece it belongs to. */
type Laid = readonly (readonly OwnedLayer[])[];

function layersOf(worn: readonly Worn[], needed: HandsNeeded, bared: readonly Patch[]): Laid {
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
function openShaftCm(worn: readonly Worn[]): number | null {
  if (worn.some(({ piece }) => piece.seals?.includes("ankles"))) return null;
  const shafts = worn.flatMap(({ piece }) => (piece.kind === "footwear" ? (piece.shaftHeightCm ?? []) : []));
  return shafts.length > 0 ? Math.min(...shafts) : null;
}

/** The same with what lies between the body and what it rests on. */
function withPads(layers: SiteLayers, pads: readonly Worn[]): SiteLayers {
  const padded = [...layers];
  for (const { covers } of pads) for (const { site, layers: own } of covers) padded[site] = [...padded[site]!, ...own];
  return padded;
}

const inMitt = (worn: readonly Worn[], side: Side, needed: HandsNeeded): boolean =>
  worn.some(
    (wearing) =>
      wearing.piece.fingersTogether && sidesOf(wearing.side).includes(side) && !isInTheWay(wearing, side, needed),
  );

/** A point leaks where a piece ends and none closes it, or where a closure is opened by hand. */
const leaksOf = (worn: readonly Worn[]): LeakPoint[] =>
  LEAK_POINTS.filter((point) => {
    if (worn.some(({ opened }) => opened?.includes(point))) return true;
    return (
      worn.some(({ piece }) => piece.endsAt?.includes(point)) && !worn.some(({ piece }) => piece.seals?.includes(point))
    );
  });

/** The wearings of an outing, read once; dresses of any task are made from them. */
export class OutfitResolver {
  private readonly outwards: readonly Worn[];
  private readonly changes: readonly number[];
  private readonly windows: readonly ChangeWindow[];
  private readonly masses: ArealMasses | null;
  private readonly wardrobe = new Wardrobe();
  private readonly resolved = new Map<string, OutfitTimeline<Resolved>>();

  /**
   * @param person whose skin the pieces cover; without one nothing stores heat
   * @throws {CoreError} `unknown-piece` when a wearing names a piece that is not there
   */
  constructor(pieces: readonly Piece[], wearings: readonly Wearing[], person: BodyPerson | null = null) {
    this.masses = person && new ArealMasses(person);
    const byId = new Map(pieces.map((piece) => [piece.id, piece]));
    const places = new Map(pieces.map(({ id }, index) => [id, index]));
    const known = wearings.map((wearing): Worn => {
      const piece = byId.get(wearing.pieceId);
      if (!piece)
        throw new CoreError("unknown-piece", `a wearing names piece ${wearing.pieceId}, which is not in the outing`);
      const index = places.get(piece.id)!;
      return {
        ...wearing,
        piece,
        pieceIndex: index,
        covers: owning(coversOf(readLabel(piece.label), wearing), piece, index),
      };
    });
    this.outwards = [...known].sort(outwards);
    this.windows = changeWindows(known);
    const minutes = new Set([
      0,
      ...[...known, ...this.windows].flatMap(({ fromMinute, toMinute }) => [fromMinute, toMinute]),
    ]);
    this.changes = [...minutes].filter((minute) => minute >= 0).sort((one, other) => one - other);
  }

  /**
   * How a person is dressed through the outing when their hands are so needed and these parts are bared.
   * @param misfit how much more or less cloth and air insulate than read, for those who ask what a misread label does
   */
  timeline(
    needed: HandsNeeded = NO_HANDS,
    bared: readonly Patch[] = [],
    misfit: Misfit | null = null,
  ): OutfitTimeline<OutfitState> {
    const resolved = this.resolvedFor(needed, bared);
    const factored = misfit && new FactoredStacks(misfit);
    return new OutfitTimeline(this.changes, (fromMinute) =>
      this.stateOf(fromMinute, resolved.at(fromMinute), factored, misfit?.cloth ?? null),
    );
  }

  private resolvedFor(needed: HandsNeeded, bared: readonly Patch[]): OutfitTimeline<Resolved> {
    const key = [needed.left, needed.right, ...bared].join(" ");
    const known = this.resolved.get(key);
    if (known) return known;
    const resolved = new OutfitTimeline(this.changes, (fromMinute) => this.resolve(fromMinute, needed, bared));
    this.resolved.set(key, resolved);
    return resolved;
  }

  private resolve(fromMinute: number, neededNow: HandsNeeded, bared: readonly Patch[]): Resolved {
    const isOn = (span: Pick<Wearing, "fromMinute" | "toMinute">): boolean =>
      span.fromMinute <= fromMinute && fromMinute < span.toMinute;
    const changed = this.windows.filter(isOn).flatMap((window) => window.changed);
    const on = this.outwards.filter((own) => isOn(own) && !changed.some((other) => liesOver(own, other)));
    const needed = changed.length > 0 ? withFreeHands(neededNow) : neededNow;
    const clothes = on.filter(({ piece }) => !KIND_TABLE[piece.kind].liesUnder);
    const layers = layersOf(clothes, needed, bared);
    const leaks = leaksOf(clothes);
    const mitt = { left: inMitt(clothes, "left", needed), right: inMitt(clothes, "right", needed) };
    const contactLayers = withPads(
      layers,
      on.filter(({ piece }) => KIND_TABLE[piece.kind].liesUnder),
    );
    const outfit = buildOutfit({ layers, mitt, leaks }, this.wardrobe);
    const cellAt: CellAt = (site, within) => cellOf(layers[site]![within]!.pieceIndex, SITES[site]!.segmentIndex);
    return { outfit, layers, contactLayers, cellAt, leaks, shaftHeightCm: openShaftCm(clothes), clothes };
  }

  private stateOf(
    fromMinute: number,
    { outfit: asRead, layers, contactLayers, cellAt, leaks, shaftHeightCm, clothes }: Resolved,
    factored: FactoredStacks | null,
    clothFactor: ClothFactor | null,
  ): OutfitState {
    const outfit = factored ? factored.outfitOf(asRead) : asRead;
    const stacks = siteStacks(outfit);
    return {
      fromMinute,
      outfit,
      layers,
      contactLayers,
      cellAt,
      leaks,
      shaftHeightCm,
      water: waterPlanOf(layers, stacks, clothFactor),
      heaters: heatersOf(clothes, layers, stacks),
      stores: this.masses && storePlanOf(layers, stacks, this.masses),
      clothFactor,
    };
  }
}

/** What is worn in order of time, another wherever something is put on or taken off; each worked out when first asked for. */
export class OutfitTimeline<What = OutfitState> {
  private readonly changes: readonly number[];
  private readonly resolve: (fromMinute: number) => What;
  private readonly known: (What | undefined)[] = [];

  /** @param changes minutes in order of time, the first not after any that is asked for */
  constructor(changes: readonly number[], resolve: (fromMinute: number) => What) {
    this.changes = changes;
    this.resolve = resolve;
  }

  /** What is worn at a minute. */
  at(minute: number): What {
    const { changes, known } = this;
    let index = 0;
    while (index + 1 < changes.length && changes[index + 1]! <= minute) index++;
    return (known[index] ??= this.resolve(changes[index]!));
  }

  /** When clothes are changed next, `to` at most. */
  nextAfter(minute: number, to: number): number {
    for (const change of this.changes) if (change > minute) return Math.min(change, to);
    return to;
  }
}
