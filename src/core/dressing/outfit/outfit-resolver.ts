import * as m from "@/messages";
import type { BodyPerson } from "../../body";
import type { ClothFactor, Misfit } from "../../clothing";
import { CoreError } from "../../errors";
import { readLabel } from "../../labels";
import type { Wearing } from "../../outing";
import { SITES, type Patch } from "../../patches";
import { KIND_TABLE, type Piece } from "../../pieces";
import { buildOutfit, FactoredStacks, Wardrobe, type CellAt } from "../../sitter";
import { changeWindows, liesOver, type ChangeWindow } from "../changing";
import { coversOf, owning, type Worn } from "./covers";
import { NO_HANDS, withFreeHands, type HandsNeeded } from "../hands";
import { heatersOf } from "../heaters";
import type { OutfitState } from "./outfit-state";
import { OutfitTimeline } from "./outfit-timeline";
import { outwards } from "../outwards";
import { siteStacks } from "./stack-over";
import { ArealMasses, storePlanOf } from "./heat-stores";
import { cellOf, waterPlanOf } from "./water-layers";
import { inMitt, layersOf, leaksOf, openShaftCm, withPads, type Laid } from "./worn-layers";

/** What of an outfit does not follow from how much its cloth insulates. */
type Resolved = Pick<OutfitState, "outfit" | "contactLayers" | "cellAt" | "leaks" | "shaftHeightCm"> & {
  readonly clothes: readonly Worn[];
  readonly layers: Laid;
};

/** The wearings of an outing, read once; outfits for any task are resolved from them. */
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
      if (!piece) throw new CoreError("unknown-piece", m.aWearingNamesPieceWhichIs({ pieceId: wearing.pieceId }));
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
   * @param misfit how much more or less cloth and air insulate than read, for those who ask what an error of a label does
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
