import { execFileSync } from "node:child_process";
import { describe, expect, it } from "vitest";
import {
  aloneEvaluator,
  dress,
  DresserProblem,
  OutfitJudge,
  PLACEMENT,
  USUAL_WISHES,
  type Wishes,
} from "@/core/dresser";
import { withPlacement } from "@/core/dresser/outfit/outfit-code";
import { firstOutfits } from "@/core/dresser/search/first-outfits";
import { randomOutfit } from "@/core/dresser/search/random-outfits";
import { mostOfLess } from "@/core/dresser/search/search";
import { seededRandom } from "@/core/numeric";
import { seededDay, seededKit } from "../../scripts/proof/dresser/seeded-kit";
import type { DresserProof } from "../../scripts/proof/dresser/dresser-proof";

describe("laws on seeded kits", () => {
  it("equals the best of all outfits where there are few (npm run proof -- dresser tries a hundred)", () => {
    const text = execFileSync(
      process.execPath,
      ["scripts/proof/run.mjs", "dresser", "1", "1", "60", "1", "300", "--json"],
      { encoding: "utf8" },
    );
    const { smalls, larges, pieces } = JSON.parse(text) as DresserProof;
    expect(smalls).toHaveLength(1);
    for (const { outfits, missed, simulated } of smalls) {
      expect(missed).toBe(0);
      expect(outfits).toBeGreaterThan(7);
      expect(simulated).toBeLessThanOrEqual(outfits);
    }
    for (const { tried, worstShare } of larges) {
      expect(tried).toBeGreaterThan(30);
      expect(worstShare).toBeLessThanOrEqual(0.02);
    }
    // Of outfits that last a quarter of an hour the search keeps no account: nobody wants them.
    for (const { lostMinutes, beforeMinutes } of pieces) {
      expect(lostMinutes).toBeLessThanOrEqual(0.1 * beforeMinutes + 15);
    }
  });

  // What the search leaves out rests on it: an outfit without one of its pieces lasts hardly longer.
  it("a piece less adds next to nothing, but where one overheats", () => {
    let tried = 0;
    for (let seed = 1; seed <= 4; seed++) {
      const problem = new DresserProblem(seededDay(seed), seededKit(20, seed), USUAL_WISHES);
      const judge = new OutfitJudge(problem);
      const random = seededRandom(seed);
      for (let draw = 0; draw < 3; draw++) {
        const code = randomOutfit(problem, random);
        const full = code && judge.judge(code);
        if (!code || !full || full.limit === "heat" || full.coveredMinutes === 0) continue;
        problem.kit.forEach((_, index) => {
          const less = withPlacement(code, [index, PLACEMENT.home]);
          if (code[index] === 0 || !problem.isValid(less)) return;
          tried++;
          expect(judge.judge(less).minutes, `seed ${seed}, without ${problem.kit[index]!.id}`).toBeLessThanOrEqual(
            Math.ceil(mostOfLess(full.minutes)),
          );
        });
      }
    }
    expect(tried).toBeGreaterThan(40);
  });

  // What the search sketches only orders; it would order wrongly if a sketch were far off.
  it("a sketch says what the simulation says, within a twentieth and two minutes", () => {
    let tried = 0;
    for (let seed = 1; seed <= 4; seed++) {
      const problem = new DresserProblem(seededDay(seed), seededKit(60, seed), USUAL_WISHES);
      const judge = new OutfitJudge(problem);
      const random = seededRandom(seed);
      for (let draw = 0; draw < 12; draw++) {
        const code = randomOutfit(problem, random);
        if (!code) continue;
        const [whole, sketch] = [judge.judge(code), judge.judge(code, true)];
        if (whole.minutes < 0 || sketch.minutes < 0) continue;
        tried++;
        expect(Math.abs(sketch.minutes - whole.minutes), `seed ${seed}, ${whole.minutes} min`).toBeLessThanOrEqual(
          0.05 * whole.minutes + 2,
        );
      }
    }
    expect(tried).toBeGreaterThan(30);
  });

  it("begins with outfits that can be worn, heat brought along in the first, each with a piece that none before it has", () => {
    for (let seed = 1; seed <= 10; seed++) {
      const problem = new DresserProblem(seededDay(seed), seededKit(60, seed), USUAL_WISHES);
      const first = firstOutfits(problem);
      const worn = first.map((code) => problem.kit.flatMap(({ id }, index) => (code[index]! > 0 ? [id] : [])));
      expect(first.length).toBeGreaterThanOrEqual(6);
      expect(first.length).toBeLessThanOrEqual(9);
      first.forEach((code, turn) => {
        expect(problem.isValid(code), `seed ${seed}, outfit ${turn}`).toBe(true);
        // Each brings a piece that none before it has.
        const before = new Set(worn.slice(0, turn).flat());
        expect(worn[turn]!.some((id) => !before.has(id))).toBe(true);
      });
      // Heat is brought where the kit has it.
      expect(problem.kit.some(({ heat, id }) => heat && worn[0]!.includes(id))).toBe(true);
    }
  });

  it("allowed to carry more, one lasts no shorter", async () => {
    const longest = async (wishes: Partial<Wishes>): Promise<number> => {
      const problem = new DresserProblem(seededDay(3), seededKit(18, 3), { ...USUAL_WISHES, ...wishes });
      const { outfits } = await dress(problem, aloneEvaluator(problem), { budget: 128 });
      return Math.max(0, ...outfits.map(({ minutesStill }) => minutesStill));
    };
    const [tight, free] = [await longest({ mostCarriedG: 6000 }), await longest({})];
    expect(free).toBeGreaterThanOrEqual(tight);
  });
});
