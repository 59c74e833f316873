import type { ClothFactor, Layer } from "../clothing";
import { readLabel } from "../labels";
import { outfitResolverOf, type LabelErrors } from "../simulation";
import type { Outing } from "../outing";
import type { Variation } from "./variation";

/** A layer of a piece, and one standard deviation of what it insulates over what it is read to. */
type Spread = { readonly pieceId: string; readonly layer: Layer; readonly share: number };

/** The clothes of an outing resolved once, to be misread by its variations. */
export class ClothesWithLabelErrors {
  readonly outing: Outing;
  private readonly resolver: LabelErrors["resolver"];
  private readonly spreads: readonly Spread[];

  /** @throws {CoreError} `unknown-piece` */
  constructor(outing: Outing) {
    // Labels of its own for each piece, read to layers of its own: two pieces of one label are misread apart. (Layers
    // written out have no spread.)
    const pieces = outing.pieces.map((piece) => ({ ...piece, label: { ...piece.label } }));
    this.outing = { ...outing, pieces };
    this.resolver = outfitResolverOf(this.outing);
    this.spreads = pieces.flatMap(({ id, label }) =>
      readLabel(label).flatMap(({ layers, insulationM2KPerW, spreadM2KPerW }) =>
        insulationM2KPerW > 0
          ? layers.map((layer) => ({ pieceId: id, layer, share: spreadM2KPerW / insulationM2KPerW }))
          : [],
      ),
    );
  }

  /** With cloth that insulates so much over what is read, and gaps so much thicker. */
  as(cloth: ClothFactor, gaps: number): LabelErrors {
    return { resolver: this.resolver, misfit: { cloth, gaps } };
  }

  /** As misread in one variation: all panels of a piece together, all cloth and all gaps by what they share. */
  by({
    labelDeviation,
    clothFactor,
    gapFactor,
  }: Pick<Variation, "labelDeviation" | "clothFactor" | "gapFactor">): LabelErrors {
    const factors = new Map<Layer, number>();
    for (const { pieceId, layer, share } of this.spreads) {
      const deviations = labelDeviation.get(pieceId) ?? 0;
      if (deviations !== 0) factors.set(layer, (1 + deviations * share) * clothFactor);
    }
    const cloth: ClothFactor = (layer) => factors.get(layer) ?? clothFactor;
    return { resolver: this.resolver, misfit: { cloth, gaps: gapFactor } };
  }
}
