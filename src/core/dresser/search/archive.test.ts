import { describe, expect, it } from "vitest";
import { Archive } from "./archive";

/** Outfits by what they weigh and last; some of them only sketched. */
function archiveOf(...rows: readonly (readonly [massG: number, minutes: number, isSketch: boolean])[]): Archive {
  const archive = new Archive();
  rows.forEach(([massG, minutes, isSketch], index) =>
    archive.add({
      code: Uint8Array.of(index),
      massG,
      minutes,
      isSketch,
      isLonger: false,
      limit: "toes",
      part: "toes",
      met: {},
      coveredMinutes: minutes,
      sweatGPerM2: 0,
    }),
  );
  return archive;
}
const closeFront = (archive: Archive) => archive.closeFront().map(({ massG, minutes }) => [massG, minutes]);

describe("the front for who simulates closely what is chosen of it", () => {
  it("is the front itself where all is sketched, or nothing is", () => {
    for (const isSketch of [true, false]) {
      const archive = archiveOf(
        [4000, 60, isSketch],
        [4500, 59, isSketch],
        [5000, 120, isSketch],
        [5500, -1, isSketch],
      );
      expect(closeFront(archive)).toEqual([
        [4000, 60],
        [5000, 120],
      ]);
      expect(archive.closeFront()).toEqual([...archive.front()]);
    }
  });

  it("leaves out a sketch that lasts hardly longer than what is as light and was simulated closely", () => {
    expect(closeFront(archiveOf([4000, 200, false], [4500, 203, true], [5000, 300, false]))).toEqual([
      [4000, 200],
      [5000, 300],
    ]);
    expect(closeFront(archiveOf([4000, 200, false], [4500, 206, true], [5000, 300, false]))).toEqual([
      [4000, 200],
      [4500, 206],
      [5000, 300],
    ]);
  });

  it("has for the warmest what was simulated closely, where a sketch promises hardly more; a lighter one is told all the same", () => {
    // By the sketch alone the lighter one would be the warmest, and once that is seen to last 298 the next sketch, and the next.
    expect(closeFront(archiveOf([5000, 300, false], [5200, 305, true]))).toEqual([[5000, 300]]);
    expect(closeFront(archiveOf([5000, 300, false], [4500, 303, true]))).toEqual([[4500, 303]]);
    expect(closeFront(archiveOf([5000, 300, false], [4500, 298, false], [4700, 303, true]))).toEqual([
      [4500, 298],
      [5000, 300],
    ]);
  });
});
