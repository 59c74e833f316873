import { describe, expect, it } from "vitest";
import { PLACEMENT } from "./outfit-code";
import { OutfitRoom, type LayerOnPatch } from "./outfit-room";

const [ANKLE, TOES, CHEST] = [0, 1, 2];
const layer = (patch: number, thicknessMm: number, easeMm = Infinity): LayerOnPatch => ({ patch, thicknessMm, easeMm });
/** From the skin out: two pairs of socks, long underwear, a jacket, boots with 6 mm of room. */
const LAYERS = [
  [layer(ANKLE, 3), layer(TOES, 3)],
  [layer(ANKLE, 3), layer(TOES, 3)],
  [layer(ANKLE, 1)],
  [layer(CHEST, 30)],
  [layer(ANKLE, 10, 6), layer(TOES, 10, 6)],
];
const [SOCKS, MORE_SOCKS, UNDERWEAR, JACKET, BOOTS] = [0, 1, 2, 3, 4];
const room = new OutfitRoom(
  [PLACEMENT.start, PLACEMENT.seat].flatMap((placement) =>
    LAYERS.map((layers, index) => ({ index, placement, layers })),
  ),
);
const wearing = (start: readonly number[], seat: readonly number[] = []): Uint8Array =>
  Uint8Array.from(LAYERS, (_, index) =>
    start.includes(index) ? PLACEMENT.start : seat.includes(index) ? PLACEMENT.seat : PLACEMENT.home,
  );

describe("room in boots", () => {
  it("is enough for what is just as thick, and says what lies together where it is not", () => {
    expect(room.isEnough(wearing([SOCKS, MORE_SOCKS, BOOTS]))).toBe(true);
    expect(room.squeezed(wearing([SOCKS, MORE_SOCKS, BOOTS]))).toEqual([]);
    const tooMuch = wearing([SOCKS, MORE_SOCKS, UNDERWEAR, JACKET, BOOTS]);
    expect(room.isEnough(tooMuch)).toBe(false);
    expect(room.squeezed(tooMuch)).toEqual([SOCKS, MORE_SOCKS, UNDERWEAR]);
  });

  it("counts what is on at the same time alone", () => {
    expect(room.isEnough(wearing([SOCKS, UNDERWEAR, BOOTS]))).toBe(true);
    expect(room.isEnough(wearing([SOCKS, MORE_SOCKS, UNDERWEAR], [JACKET]))).toBe(true);
    expect(room.squeezed(wearing([SOCKS, MORE_SOCKS, UNDERWEAR], [BOOTS]))).toEqual([SOCKS, MORE_SOCKS, UNDERWEAR]);
  });

  it("concerns what lies in it or gives it, and no jacket", () => {
    expect(LAYERS.map((_, index) => room.concerns(index))).toEqual([true, true, true, false, true]);
  });
});
