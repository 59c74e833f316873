import type { Piece } from "../pieces";
import type { Wearing } from "../outing";

/** A piece that hung in the air until it was put on again. */
export type HungBefore = {
  /** Place of the piece in the outing. */
  readonly pieceIndex: number;
  readonly minutes: number;
};

const NONE: readonly HungBefore[] = [];

/** What hung until it was put on again, by the minute at which it is. */
export class HungPieces {
  private readonly byMinute = new Map<number, HungBefore[]>();

  constructor(pieces: readonly Piece[], wearings: readonly Wearing[]) {
    const places = new Map(pieces.map(({ id }, index) => [id, index]));
    for (const { pieceId, fromMinute } of wearings) {
      const before = wearings
        .filter((own) => own.pieceId === pieceId && own.toMinute < fromMinute)
        .reduce<Wearing | null>((last, own) => (last && last.toMinute >= own.toMinute ? last : own), null);
      const pieceIndex = places.get(pieceId);
      if (before?.whenOff !== "hung" || pieceIndex === undefined) continue;
      const hung = this.byMinute.get(fromMinute) ?? [];
      hung.push({ pieceIndex, minutes: fromMinute - before.toMinute });
      this.byMinute.set(fromMinute, hung);
    }
  }

  until(minute: number): readonly HungBefore[] {
    return this.byMinute.get(minute) ?? NONE;
  }
}
