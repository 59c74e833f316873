import type { Wearing, WhenOff } from "../outing";
import type { PieceTraits } from "../pieces";

/** Mass of a litre of packed clothing, g (assumption, where a piece's room is not given). */
export const PACKED_G_PER_L = 120;

type Carriable = { readonly id: string; readonly massG: number | null; readonly traits: PieceTraits };
type Placed = Wearing & { readonly whenOff: WhenOff };

/** What is worn and what is carried at a minute. */
export type Carried = {
  readonly wornG: number;
  readonly packG: number;
  readonly packL: number;
  /** Pieces whose mass is not known: the sums are that much too small. */
  readonly unknownMass: number;
};

/** Room a piece takes in a pack, L. */
export const packedVolumeL = ({ massG, traits }: Omit<Carriable, "id">): number =>
  traits.volumeL ?? (massG ?? 0) / PACKED_G_PER_L;

/** Sums what is worn and what is in the pack at a minute; what waits in a vehicle or at home weighs nothing. */
export function carriedAt(kit: readonly Carriable[], wearings: readonly Placed[], minute: number): Carried {
  let [wornG, packG, packL, unknownMass] = [0, 0, 0, 0];
  for (const piece of kit) {
    const own = wearings.filter(({ pieceId }) => pieceId === piece.id);
    const isOn = own.some(({ fromMinute, toMinute }) => fromMinute <= minute && minute < toMinute);
    const isInPack = !isOn && own.some(({ whenOff }) => whenOff === "pack");
    if (own.length > 0 && piece.massG === null) unknownMass++;
    if (isOn) wornG += piece.massG ?? 0;
    if (isInPack) {
      packG += piece.massG ?? 0;
      packL += packedVolumeL(piece);
    }
  }
  return { wornG, packG, packL, unknownMass };
}
