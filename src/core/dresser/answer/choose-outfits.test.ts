import { describe, expect, it } from "vitest";
import type { JudgedOutfit } from "../search/archive";
import { spreadOut } from "./choose-outfits";

const frontOf = (...rows: readonly (readonly [massG: number, minutes: number])[]): JudgedOutfit[] =>
  rows.map(([massG, minutes], index) => ({
    code: Uint8Array.of(index),
    massG,
    minutes,
    isLonger: false,
    isSketch: false,
    limit: "toes" as const,
    part: "toes",
    met: {},
    coveredMinutes: minutes,
    sweatGPerM2: 0,
  }));
const shown = (front: readonly JudgedOutfit[]) => spreadOut(front).map(({ massG }) => massG);

describe("outfits that truly differ", () => {
  it("leave out who lasts hardly longer than a lighter one, and who arrives too cold", () => {
    expect(shown(frontOf([3000, 0], [4000, 60], [4100, 63], [5000, 120]))).toEqual([4000, 5000]);
  });

  it("keep the last great step, though a much heavier one lasts a little longer", () => {
    expect(shown(frontOf([6000, 180], [6760, 295], [8000, 299], [8900, 304]))).toEqual([6000, 6760, 8900]);
  });

  it("let the warmest stand for one that weighs hardly less", () => {
    expect(shown(frontOf([6000, 180], [6760, 295], [6800, 300]))).toEqual([6000, 6800]);
  });

  it("are at most so many: those whose neighbours stand in for them go, the ends stay", () => {
    const front = frontOf(...Array.from({ length: 20 }, (_, step) => [3000 + 300 * step, 30 * (step + 1)] as const));
    expect(shown(front)).toHaveLength(6);
    expect(shown(front).at(0)).toBe(3000);
    expect(shown(front).at(-1)).toBe(3000 + 300 * 19);
  });
});
