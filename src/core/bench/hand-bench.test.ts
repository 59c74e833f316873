import { corePiece } from "../../../tests/core-piece";
import { describe, expect, it } from "vitest";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { sampleOuting } from "../../../tests/sample-outing";
import { handBench, type HandAnswer } from "./hand-bench";
import type { BenchSetting } from "./bench-setting";

const pieces = (["base350Top", "base350Legs", "fleeceJacket", "bib", "downParka", "longHat", "heavyBoot"] as const).map(
  corePiece,
);

/** Two hours on the ice at −10 °C. */
const ON_THE_ICE: BenchSetting = {
  person: sampleOuting().person,
  dress: {
    pieces,
    wearings: pieces.map(({ id }, rank) => ({ pieceId: id, side: "both", rank, fromMinute: 0, toMinute: 120 })),
  },
  airTemperatureC: -10,
  windAtSeatMPerS: 2,
  ground: "ice",
  posture: "sitting",
  hours: 2,
};
const hands = (...keys: StarterPieceKey[]): HandAnswer => handBench(ON_THE_ICE, keys.map(corePiece));
const atRest = ({ restMinutes }: HandAnswer): number => restMinutes.cold ?? Infinity;

describe("handwear on the ice at −10 °C", () => {
  const bare = hands();
  const liner = hands("thinGloves");
  const both = hands("thinGloves", "mitts300");

  it("keeps fingers the longer the more there is of it", () => {
    expect(atRest(bare)).toBeLessThan(atRest(liner));
    expect(atRest(liner)).toBeLessThan(atRest(both));
    expect(both.fingersM2KPerW).toBeGreaterThan(liner.fingersM2KPerW);
  });

  it("a task takes off what cannot do it, and nothing else", () => {
    const byNeed = new Map(both.tasks.map(({ dexterityNeeded, off }) => [dexterityNeeded, off]));
    expect(byNeed.get(1)).toEqual([]); // mitts grip
    expect(byNeed.get(3)).toEqual([1]); // the liner ties a hook, the mitt comes off
    expect(byNeed.get(4)).toEqual([0, 1]);
  });

  it("a finer task lasts no longer than a coarser one", () => {
    const minutes = both.tasks.map((task) => task.minutes.cold ?? Infinity);
    expect([...minutes].sort((one, other) => other - one)).toEqual(minutes);
  });

  it("a liner left on under the mitt makes a task last longer and warm again sooner (common practice)", () => {
    const alone = hands("mitts300").tasks.find(({ dexterityNeeded }) => dexterityNeeded === 3)!;
    const lined = both.tasks.find(({ dexterityNeeded }) => dexterityNeeded === 3)!;
    expect(lined.minutes.cold ?? Infinity).toBeGreaterThan(alone.minutes.cold!);
    expect(lined.rewarmMinutes!).toBeLessThan(alone.rewarmMinutes ?? Infinity);
  });

  it("what nothing comes off for needs no warming again, and the other hand is left alone", () => {
    const grip = both.tasks[0]!;
    expect(grip.rewarmMinutes).toBe(0);
    const fine = both.tasks.at(-1)!;
    expect(fine.workingC[0]).toBeCloseTo(fine.otherC[0]!, 6);
    expect(fine.workingC[5]!).toBeLessThan(fine.otherC[5]! - 3);
  });

  it("counts the pair's mass where all of it is known", () => {
    expect(hands("thinGloves").massG).toBe(starterPiece("thinGloves").massG);
    expect(handBench(ON_THE_ICE, [{ ...corePiece("thinGloves"), massG: undefined }]).massG).toBeNull();
  });

  it("asks the left hand of who works with it, to the same end", () => {
    const leftHanded = handBench({ ...ON_THE_ICE, person: { ...ON_THE_ICE.person, workingHand: "left" } }, [
      corePiece("thinGloves"),
    ]);
    const rightHanded = hands("thinGloves");
    expect(leftHanded.tasks.map(({ minutes }) => minutes)).toEqual(rightHanded.tasks.map(({ minutes }) => minutes));
  });

  it("says so where a hand does not come back", () => {
    const inDeepCold = handBench({ ...ON_THE_ICE, airTemperatureC: -40 }, [
      corePiece("thinGloves"),
      corePiece("mitts300"),
    ]);
    expect(inDeepCold.tasks.at(-1)!.rewarmMinutes).toBeNull();
  });
});
