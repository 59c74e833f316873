import { describe, expect, it } from "vitest";
import type { JudgedOutfit } from "../search/archive";
import { shownBeside, spreadOut } from "./choose-outfits";

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

describe("what is shown beside what is named", () => {
  const front = frontOf(...Array.from({ length: 20 }, (_, step) => [3000 + 300 * step, 30 * (step + 1)] as const));
  const never = () => false;

  it("is all that is named, and what none of it stands for", () => {
    const steps = frontOf([4000, 60], [5000, 120], [5050, 126], [6000, 180]);
    // 5,050 g and 126 min stand for 5,000 g and 120 min.
    expect(shownBeside(steps, [steps[2]!, steps[3]!], never).map(({ massG }) => massG)).toEqual([4000, 5050, 6000]);
  });

  it("keeps the lighter one where what is named is heavier, and lasts no longer", () => {
    const [light, quiet] = frontOf([5000, 120], [6500, 118]);
    expect(shownBeside([light!], [quiet!], never)).toEqual([light, quiet]);
  });

  it("is eight in all, of which those stay that were looked at", () => {
    const named = [front[1]!, front[3]!, front[5]!, front[10]!];
    const plain = shownBeside(front, named, never);
    const gone = spreadOut(front).filter((own) => !plain.includes(own));
    expect(plain).toHaveLength(8);
    expect(gone.length).toBeGreaterThan(0);
    for (const looked of gone) {
      const shown = shownBeside(front, named, (own) => own === looked);
      expect(shown).toHaveLength(8);
      for (const own of [...named, looked]) expect(shown).toContain(own);
    }
  });
});
