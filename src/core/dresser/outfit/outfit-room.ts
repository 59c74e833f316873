import { PATCHES } from "../../patches";
import { PLACEMENT, type OutfitCode, type Placement } from "./outfit-code";

/** Times at which an outfit is looked at: on the way, and at the seat. */
export const TIMES = ["way", "seat"] as const;
type Time = (typeof TIMES)[number];
export const isOn = (placement: number, time: Time): boolean =>
  placement === PLACEMENT.start || placement === (time === "way" ? PLACEMENT.way : PLACEMENT.seat);

/** A layer over one patch, by its place in `PATCHES`; with an ease only so much goes under it. */
export type LayerOnPatch = {
  readonly patch: number;
  readonly thicknessMm: number;
  readonly easeMm: number | undefined;
};
/** A piece as it is placed. */
type Placed = { readonly index: number; readonly placement: Placement; readonly layers: readonly LayerOnPatch[] };

/** Room under layers that give only so much of it, as boots do: nothing is squeezed. */
export class OutfitRoom {
  /** Those that give room or take it, from the skin out; with their layers where it is short. */
  private readonly outwards: readonly Placed[];
  private readonly concerned: ReadonlySet<number>;
  private readonly underMm = new Float64Array(PATCHES.length);

  /** @param outwards pieces as they may be placed, from the skin out */
  constructor(outwards: readonly Placed[]) {
    const short = new Set(
      outwards.flatMap(({ layers }) => layers.flatMap(({ patch, easeMm }) => (easeMm === undefined ? [] : [patch]))),
    );
    this.outwards = outwards.flatMap((own) => {
      const layers = own.layers.filter(({ patch }) => short.has(patch));
      return layers.length > 0 ? [{ ...own, layers }] : [];
    });
    this.concerned = new Set(this.outwards.map(({ index }) => index));
  }

  /** Whether a piece gives such room, or takes it. */
  concerns(index: number): boolean {
    return this.concerned.has(index);
  }

  isEnough(code: OutfitCode): boolean {
    return TIMES.every((time) => this.firstSqueezing(code, time) === null);
  }

  /** Pieces that lie together under the first layer that has too little room for them; none where all has room. */
  squeezed(code: OutfitCode): number[] {
    for (const time of TIMES) {
      const found = this.firstSqueezing(code, time);
      if (!found) continue;
      return this.outwards
        .slice(0, found.turn)
        .filter(
          ({ index, placement, layers }) =>
            code[index] === placement && isOn(placement, time) && layers.some(({ patch }) => patch === found.patch),
        )
        .map(({ index }) => index);
    }
    return [];
  }

  private firstSqueezing(code: OutfitCode, time: Time): { readonly turn: number; readonly patch: number } | null {
    const { underMm, outwards } = this;
    underMm.fill(0);
    for (let turn = 0; turn < outwards.length; turn++) {
      const { index, placement, layers } = outwards[turn]!;
      if (code[index] !== placement || !isOn(placement, time)) continue;
      for (const { patch, easeMm } of layers) {
        if (easeMm !== undefined && underMm[patch]! > easeMm) return { turn, patch };
      }
      for (const { patch, thicknessMm } of layers) underMm[patch] = underMm[patch]! + thicknessMm;
    }
    return null;
  }
}
