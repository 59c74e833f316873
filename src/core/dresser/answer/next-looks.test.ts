import { describe, expect, it } from "vitest";
import { nextLooks, type Looked } from "./next-looks";

/** Ten outfits of 4, 4.5, … 8.5 kg and 40, 80, … 400 min by a single simulation; some of them looked at. */
const front = (counted: Readonly<Record<number, number>>, wantedMinutes: number): Looked[] =>
  Array.from({ length: 10 }, (_, place) => ({
    massG: 4000 + 500 * place,
    minutes: 40 * (place + 1),
    countedMinutes: counted[place] ?? null,
    does: (counted[place] ?? -1) >= wantedMinutes,
  }));

describe("who is looked at for the lightest that lasts", () => {
  it("is the one that should be it, by what those on both sides were seen to do, and the one before", () => {
    // From 40 min counted on at the first to 220 at the last: 20 for each step, 130 from the sixth on.
    expect(nextLooks(front({ 0: 40, 9: 220 }, 130), 130)).toEqual([4, 5]);
    // 142 are wanted: the seventh.
    expect(nextLooks(front({ 0: 40, 9: 220 }, 142), 142)).toEqual([5, 6]);
  });

  it("goes on between what fell short and what lasts, up to where they meet", () => {
    expect(nextLooks(front({ 0: 40, 4: 120, 5: 135, 9: 220 }, 130), 130)).toEqual([]);
    expect(nextLooks(front({ 0: 40, 4: 120, 5: 125, 9: 220 }, 130), 130)).toEqual([6]);
    // Nothing short seen: from nothing to 160 min at the fifth, 32 for each step, 120 from the fourth on.
    expect(nextLooks(front({ 4: 160, 5: 170, 9: 220 }, 120), 120)).toEqual([2, 3]);
  });

  it("parts what is left evenly where it should be what is known to last: what is counted on leaps between", () => {
    // From 160 to 166 min over all of them: 166 are the last's.
    expect(nextLooks(front({ 0: 160, 9: 166 }, 166), 166)).toEqual([3, 6]);
  });

  it("asks for nothing that is hardly lighter", () => {
    const alike = (massG: number) =>
      nextLooks(
        [
          { massG: 5000, minutes: 200, countedMinutes: 100, does: false },
          { massG, minutes: 210, countedMinutes: null, does: false },
          { massG: 5200, minutes: 220, countedMinutes: 150, does: true },
        ],
        140,
      );
    expect(alike(5100)).toEqual([]);
    expect(alike(5090)).toEqual([1]);
  });

  it("finds the lightest that lasts, whatever the looks say, with none looked at twice", () => {
    for (const falls of [
      [0.4, 0.5],
      [0.9, 0.2],
      [0.1, 0.9],
    ]) {
      for (let wanted = 10; wanted <= 400; wanted += 13) {
        // Counted on is a share of the single run that grows or shrinks along the front.
        const truth = Array.from({ length: 10 }, (_, place) => 40 * (place + 1) * (falls[place % 2] ?? 0));
        const counted: Record<number, number> = { 9: truth[9]! };
        for (;;) {
          const places = nextLooks(front(counted, wanted), wanted);
          if (places.length === 0) break;
          for (const place of places) {
            expect(counted[place]).toBeUndefined();
            counted[place] = truth[place]!;
          }
        }
        const found = front(counted, wanted).findIndex(({ does }) => does);
        // The one before it was seen to fall short.
        if (found > 0) expect(counted[found - 1]).toBeLessThan(wanted);
        if (truth[9]! >= wanted) expect(found).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it("is the warmest where nothing was seen to last, and nobody once all of them fell short", () => {
    expect(nextLooks(front({ 0: 40 }, 500), 500)).toEqual([9]);
    expect(nextLooks(front({ 0: 40, 9: 220 }, 500), 500)).toEqual([]);
  });
});
