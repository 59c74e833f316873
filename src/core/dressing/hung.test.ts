import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { ClothingMoisture } from "../water";
import { simulateOuting } from "../simulation";
import type { Outing, WhenOff } from "../outing";
import { HungPieces } from "./hung";

const OFF_FROM = 40;
const ON_AGAIN = 180;
const SHIRT = "base350Top";

/** The sample outing with its shirt soaked at the start, taken off after the walk and put on again in the sit. */
function shirtOff(whenOff: WhenOff | undefined, relativeHumidityPercent = 60): Outing {
  const outing = sampleOuting();
  return {
    ...outing,
    wetFromStart: { pieceIds: [SHIRT], share: 1 },
    weather: outing.weather.map((hour) => ({ ...hour, relativeHumidityPercent })),
    wearings: outing.wearings.flatMap((wearing) =>
      wearing.pieceId === SHIRT
        ? [
            { ...wearing, toMinute: OFF_FROM, whenOff },
            { ...wearing, fromMinute: ON_AGAIN, whenOff },
          ]
        : [wearing],
    ),
  };
}
const trunkWaterAt = (outing: Outing, minute: number): number =>
  simulateOuting(outing).series.waterGPerM2.trunk[minute]!;

describe("a piece that hangs while it is off", () => {
  it("is put on drier than from the pack, the drier the air; nowhere else does it dry", () => {
    const after = ON_AGAIN + 2;
    const packed = trunkWaterAt(shirtOff("pack"), after);
    expect(packed).toBeGreaterThan(100);
    expect(trunkWaterAt(shirtOff("hung"), after)).toBeLessThan(packed - 20);
    expect(trunkWaterAt(shirtOff("hung", 20), after)).toBeLessThan(trunkWaterAt(shirtOff("hung", 90), after));
    for (const place of [undefined, "vehicle", "home"] as const) {
      expect(trunkWaterAt(shirtOff(place), after)).toBeCloseTo(packed, 9);
    }
  });

  it("is told by the minute it is put on, with how long it hung", () => {
    const { pieces, wearings } = shirtOff("hung");
    const hung = new HungPieces(pieces, wearings);
    expect(hung.until(ON_AGAIN)).toEqual([
      { pieceIndex: pieces.findIndex(({ id }) => id === SHIRT), minutes: ON_AGAIN - OFF_FROM },
    ]);
    expect(hung.until(OFF_FROM)).toEqual([]);
  });

  it("never holds less than nothing, and what it lost went to the air", () => {
    const book = new ClothingMoisture(4);
    book.state.waterGPerM2.set([5, 40, 0, 9]);
    book.dryOff(0, 3, 12);
    expect([...book.state.waterGPerM2]).toEqual([0, 28, 0, 9]);
    expect(book.ledger.flowsG[2]).toBeCloseTo(5 + 12, 12);
  });

  it("counts from when it came off last, not the time before", () => {
    const { pieces, wearings } = shirtOff("hung");
    const own = wearings.find(({ pieceId }) => pieceId === SHIRT)!;
    const turns = [
      [0, 30],
      [60, 100],
      [150, 200],
    ].map(([fromMinute, toMinute]) => ({ ...own, fromMinute: fromMinute!, toMinute: toMinute! }));
    for (const order of [turns, [...turns].reverse()]) {
      const hung = new HungPieces(pieces, order);
      expect([60, 150].map((minute) => hung.until(minute)[0]!.minutes)).toEqual([30, 50]);
    }
  });
});
