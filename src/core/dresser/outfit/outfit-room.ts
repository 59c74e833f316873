import { PATCHES } from "../../patches";
import { PLACEMENT, type OutfitCode, type Placement } from "./outfit-code";

/** Times at which an outfit is looked at: on the way, and at the seat. */
export const TIMES = ["way", "seat"] as const;
type Time = (typeof TIMES)[number];
export const isOn = (placement: number, time: Time): boolean =>
  placement === PLACEMENT.start || placement === (time === "way" ? PLACEMENT.way : PLACEMENT.seat);

/** A layer over one patch, by its place in `PATCHES`; only so much goes under it, infinite where it gives way. */
export type LayerOnPatch = {
  readonly patch: number;
  readonly thicknessMm: number;
  readonly easeMm: number;
};
/** A piece as it is placed. */
type Placed = { readonly index: number; readonly placement: Placement; readonly layers: readonly LayerOnPatch[] };

/** Room under layers that give only so much of it, as boots do: nothing is squeezed. */
export class OutfitRoom {
  /** Those on at each time that give room or take it, from the skin out; with their layers where it is short. */
  private readonly outwards: Readonly<Record<Time, readonly Placed[]>>;
  private readonly concerned: ReadonlySet<number>;
  private readonly underMm = new Float64Array(PATCHES.length);

  /** @param outwards pieces as they may be placed, from the skin out */
  constructor(outwards: readonly Placed[]) {
    const short = new Set(
      outwards.flatMap(({ layers }) => layers.flatMap(({ patch, easeMm }) => (easeMm === Infinity ? [] : [patch]))),
    );
    const concerned = outwards.flatMap((own) => {
      const layers = own.layers.filter(({ patch }) => short.has(patch));
      return layers.length > 0 ? [{ ...own, layers }] : [];
    });
    this.concerned = new Set(concerned.map(({ index }) => index));
    const onAt = (time: Time): Placed[] => concerned.filter(({ placement }) => isOn(placement, time));
    this.outwards = { way: onAt("way"), seat: onAt("seat") };
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
      return this.outwards[time]
        .slice(0, found.turn)
        .filter(
          ({ index, placement, layers }) =>
            code[index] === placement && layers.some(({ patch }) => patch === found.patch),
        )
        .map(({ index }) => index);
    }
    return [];
  }

  private firstSqueezing(code: OutfitCode, time: Time): { readonly turn: number; readonly patch: number } | null {
    const { underMm } = this;
    const outwards = this.outwards[time];
    underMm.fill(0);
    for (let turn = 0; turn < outwards.length; turn++) {
      const { index, placement, layers } = outwards[turn]!;
      if (code[index] !== placement) continue;
      for (let layer = 0; layer < layers.length; layer++) {
        const { patch, easeMm } = layers[layer]!;
        if (underMm[patch]! > easeMm) return { turn, patch };
      }
      for (let layer = 0; layer < layers.length; layer++) {
        const { patch, thicknessMm } = layers[layer]!;
        underMm[patch] = underMm[patch]! + thicknessMm;
      }
    }
    return null;
  }
}
