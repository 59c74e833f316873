import { describe, expect, it } from "vitest";
import { leastMinutesStill } from "@/core/limits";
import { seededRandom } from "@/core/numeric";
import { simulateOuting } from "@/core/simulation";
import { wearingProblems } from "@/core/dressing";
import { sitSpans, totalMinutes, type Outing } from "@/core/outing";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { pieceOfStarter } from "@/core/morning";
import { sampleOuting } from "../sample-outing";
import { seededKit } from "../../scripts/proof/dresser/seeded-kit";
import {
  aloneEvaluator,
  CloseLooks,
  dress,
  DresserProblem,
  OutfitJudge,
  PLACEMENT,
  USUAL_WISHES,
  leftAtHome,
  otherWaysOf,
  relaxationsOf,
  type DresserPiece,
  type OutfitCode,
  type Wishes,
} from "@/core/dresser";
import { keyOf, withPlacement } from "@/core/dresser/outfit/outfit-code";
import { randomOutfit } from "@/core/dresser/search/random-outfits";
import { MinutesModel } from "@/core/dresser/search/minutes-model";
import { Variations } from "@/core/dresser/search/variations";

const piece = (key: StarterPieceKey): DresserPiece => ({
  ...pieceOfStarter(starterPiece(key), key),
  traits: starterPiece(key).traits ?? {},
});
const KIT: readonly StarterPieceKey[] = [
  "longHat",
  "balaclava",
  "base200Top",
  "base200Legs",
  "fleeceJacket",
  "downParka",
  "synthParka",
  "walkTrousers",
  "bib",
  "linerSock",
  "heavySock",
  "synthSock",
  "midBoot",
  "heavyBoot",
  "thinGloves",
  "mitts200",
  "seatPad",
];
/** The sample outing up to the end of its first sit, ten degrees warmer: this kit is for no hard frost. */
const milder = (): Outing => {
  const outing = sampleOuting();
  return {
    ...outing,
    phases: outing.phases.slice(0, outing.phases.findIndex(({ kind }) => kind === "sit") + 1),
    weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC + 10 })),
  };
};
const problemOf = (keys: readonly StarterPieceKey[] = KIT, wishes: Partial<Wishes> = {}): DresserProblem =>
  new DresserProblem(milder(), keys.map(piece), { ...USUAL_WISHES, ...wishes });

/** An outfit by its pieces; those named after "at the seat" wait for it. */
function wearing(
  problem: DresserProblem,
  start: readonly string[],
  seat: readonly string[] = [],
  way: readonly string[] = [],
): OutfitCode {
  const code = problem.bare();
  problem.kit.forEach(({ id }, index) => {
    code[index] = start.includes(id)
      ? PLACEMENT.start
      : seat.includes(id)
        ? PLACEMENT.seat
        : way.includes(id)
          ? PLACEMENT.way
          : 0;
  });
  return code;
}
const DECENT = ["base200Top", "walkTrousers", "linerSock", "midBoot"];

describe("what can be worn (common practice, no source)", () => {
  const problem = problemOf();
  const isValid = (start: readonly string[], seat: readonly string[] = [], way: readonly string[] = []): boolean =>
    problem.isValid(wearing(problem, start, seat, way));

  it("nobody goes without boots, socks, trousers or a shirt that they own", () => {
    expect(isValid(DECENT)).toBe(true);
    for (const left of DECENT) expect(isValid(DECENT.filter((own) => own !== left))).toBe(false);
    expect(isValid([...DECENT.filter((own) => own !== "base200Top"), "downParka"])).toBe(false);
  });

  it("one pair of boots at a time, though light ones on the way and big ones carried is a way", () => {
    expect(isValid([...DECENT, "heavyBoot"])).toBe(false);
    const without = DECENT.filter((own) => own !== "midBoot");
    expect(isValid(without, ["heavyBoot"], ["midBoot"])).toBe(true);
    expect(isValid(without, ["heavyBoot"])).toBe(false);
    expect(isValid(without, [], ["midBoot"])).toBe(false);
  });

  it("one thick outer piece over the same parts, and nothing squeezed", () => {
    expect(isValid([...DECENT, "downParka"])).toBe(true);
    expect(isValid([...DECENT, "downParka", "synthParka"])).toBe(false);
    expect(isValid([...DECENT, "heavySock"])).toBe(true);
    expect(isValid([...DECENT, "heavySock", "synthSock"])).toBe(false); // no boot here has room for three
  });

  it("what is big and warm waits for the seat where that is wished", () => {
    const { placements, kit } = problemOf(KIT, { bigLayersWait: true });
    const placesOf = (id: string) => placements[kit.findIndex((own) => own.id === id)];
    expect(placesOf("downParka")).toEqual([PLACEMENT.seat]);
    expect(placesOf("fleeceJacket")).toEqual([PLACEMENT.start, PLACEMENT.seat]);
  });

  it("a hand that has to do something has no mitt on, the other may", () => {
    const { outings, kit } = problemOf(KIT, { workingHandDexterity: 3 });
    const sides = outings.wearings(wearing(problem, [...DECENT, "thinGloves", "mitts200"]));
    const sideOf = (id: string): string => sides.find(({ pieceId }) => pieceId === id)!.side;
    expect(kit.length).toBe(KIT.length);
    expect(sideOf("thinGloves")).toBe("both");
    expect(sideOf("mitts200")).toBe("left");
  });
});

describe("an outfit that is varied", () => {
  it("wears what needs the room of several others in one change: between them all would be squeezed", () => {
    const worn = ["base200Top", "base350Legs", "walkTrousers", "shellTrousers", "synthSock", "midBoot"] as const;
    const problem = problemOf([...worn, "heatedSocks"]);
    const before = wearing(problem, worn);
    const inBoots = (code: OutfitCode): string[] =>
      problem.kit.flatMap(({ kind, id }, index) => (kind === "sock" && code[index]! > 0 ? [id] : []));
    expect(problem.isValid(before)).toBe(true);
    const variations = new Variations(problem, seededRandom(1));
    const found = Array.from({ length: 2_000 }, () => {
      const code = before.slice();
      variations.change(code);
      return code;
    }).filter((code) => problem.isValid(code) && inBoots(code).length === 2);
    expect(found.length).toBeGreaterThan(0);
  });
});

describe("a piece of unknown mass", () => {
  it("weighs what such pieces usually weigh, in what is carried alone", () => {
    const kit = KIT.map(piece).map((own) => (own.id === "downParka" ? { ...own, massG: undefined } : own));
    const problem = new DresserProblem(milder(), kit, USUAL_WISHES);
    const code = wearing(problem, [...DECENT, "downParka"]);
    const honest = DECENT.reduce((sum, key) => sum + starterPiece(key as StarterPieceKey).massG, 0);
    expect(problem.massG(code) - honest).toBeGreaterThan(300);
    expect(problem.outings.outingIn(code).pieces.find(({ id }) => id === "downParka")!.massG).toBeUndefined();
  });
});

describe("an answer", () => {
  it("takes big layers off for the walk to another seat, and not for a short one", () => {
    const [walkIn, ...atSeat] = milder().phases;
    const twice = (minutes: number) => ({
      ...milder(),
      phases: [walkIn!, ...atSeat, { ...walkIn!, minutes }, ...atSeat],
    });
    const parkaIn = (outing: Outing) => {
      const problem = new DresserProblem(outing, KIT.map(piece), USUAL_WISHES);
      const code = withPlacement(problem.bare(), [KIT.indexOf("downParka"), PLACEMENT.seat]);
      return problem.outings.wearings(code).map(({ fromMinute, toMinute }) => [fromMinute, toMinute]);
    };
    const whole = totalMinutes(twice(20).phases);
    const seat = totalMinutes(atSeat);
    expect(parkaIn(twice(20))).toEqual([
      [walkIn!.minutes, walkIn!.minutes + seat],
      [whole - seat, whole],
    ]);
    expect(parkaIn(twice(5))).toEqual([[walkIn!.minutes, totalMinutes(twice(5).phases)]]);
  });

  it("is valid outfits whose figures are those of the whole simulation, the lightest first, the same for the same seed", async () => {
    const problem = problemOf(KIT, { wantedMinutes: 30 });
    const options = { budget: 64, isWholeFrontWanted: true };
    const answer = await dress(problem, aloneEvaluator(problem), options);
    const again = await dress(problem, aloneEvaluator(problem), options);
    expect(again).toEqual(answer);
    expect(answer.outfits.length).toBeGreaterThan(2);
    const masses = answer.outfits.map(({ carriedG }) => carriedG);
    expect([...masses].sort((one, other) => one - other)).toEqual(masses);
    for (const { code, minutesStill, carriedG } of answer.outfits) {
      const outing = problem.outings.outingIn(code);
      expect(problem.isValid(code)).toBe(true);
      expect(wearingProblems(problem.kit, outing.wearings, totalMinutes(outing.phases))).toEqual([]);
      const { sits, decidingSit } = simulateOuting(outing);
      expect(minutesStill).toBe(leastMinutesStill(sits[decidingSit]!.verdict));
      expect(carriedG).toBe(outing.pieces.reduce((sum, { massG = 0 }) => sum + massG, 0));
    }
    // The search judges by less than a whole simulation; it says the same.
    for (const { code, minutes } of answer.front) {
      const { sits, decidingSit } = simulateOuting(problem.outings.outingIn(code));
      expect(minutes).toBe(leastMinutesStill(sits[decidingSit]!.verdict));
    }
    const lightest = answer.outfits.find(({ picks }) => picks.includes("lightestThatDoes"))!;
    expect(lightest.low.minutes).toBeGreaterThanOrEqual(30);
    expect(answer.canBeDone).toBe(true);
  });

  it("keeps to wishes: what is left out, held in, carried, and what holds anything of animals", async () => {
    const wishes = { leftOut: ["downParka"], heldIn: ["seatPad"], mostCarriedG: 7000 };
    const problem = problemOf(KIT, wishes);
    const { outfits } = await dress(problem, aloneEvaluator(problem), { budget: 64 });
    expect(outfits.length).toBeGreaterThan(0);
    for (const { code, carriedG } of outfits) {
      const ids = problem.kit.flatMap(({ id }, index) => (code[index]! > 0 ? [id] : []));
      expect(ids).toContain("seatPad");
      expect(ids).not.toContain("downParka");
      expect(carriedG).toBeLessThanOrEqual(7000);
    }
    const free = problemOf(KIT, { avoids: ["animals"], leftOut: ["balaclava", "bib", "seatPad"] });
    const animalFree = await dress(free, aloneEvaluator(free), { budget: 48 });
    for (const { code } of animalFree.outfits) {
      expect(free.kit.filter((own, index) => code[index]! > 0 && own.traits.isAnimalFree !== true)).toEqual([]);
    }
  });

  it("takes what may be carried and spent for bounds of the search: tight ones leave outfits too", async () => {
    const generics = seededKit(30, 2).map((own) => ({ ...own, isGeneric: true, priceMinor: 20_000 }));
    const wishes = { ...USUAL_WISHES, mostCostMinor: 60_000, mostPackedL: 12 };
    const problem = new DresserProblem(milder(), [...KIT.map(piece), ...generics], wishes);
    const { front } = await dress(problem, aloneEvaluator(problem), { budget: 64 });
    expect(front.length).toBeGreaterThan(3);
    const loads = front.map(({ code }) => problem.loadOf(code));
    for (const { costMinor, packL } of loads) {
      expect(costMinor).toBeLessThanOrEqual(60_000);
      expect(packL).toBeLessThanOrEqual(12);
    }
    expect(Math.max(...loads.map(({ costMinor }) => costMinor))).toBeGreaterThan(0);
  });

  it("stops when told to, with what is known by then", async () => {
    const problem = problemOf();
    const told: number[] = [];
    const answer = await dress(problem, aloneEvaluator(problem), {
      onProgress: ({ simulated }) => told.push(simulated) < 2,
    });
    expect(told).toHaveLength(2);
    expect(answer.simulated).toBe(told[1]);
    expect(answer.outfits.length).toBeGreaterThan(0);
  });

  it("of no pieces, or of none that make an outfit, is none", async () => {
    expect((await dress(problemOf([]))).outfits.every(({ carriedG }) => carriedG === 0)).toBe(true);
    expect((await dress(problemOf(KIT, { heldIn: ["downParka", "synthParka"] }))).outfits).toEqual([]);
  });
});

describe("beside an answer", () => {
  it("what stays at home is told with what it would add, as simulated", async () => {
    const problem = problemOf();
    const evaluator = aloneEvaluator(problem);
    const code = wearing(problem, [...DECENT, "thinGloves", "fleeceJacket"]);
    const left = await leftAtHome(problem, code, evaluator);
    const judge = new OutfitJudge(problem);
    const before = judge.judge(code).minutes;
    const mitts = left.find(({ pieceId }) => pieceId === "mitts200")!;
    const places = problem.placements[problem.kit.findIndex(({ id }) => id === "mitts200")]!;
    const after = places.map(
      (place) =>
        judge.judge(withPlacement(code, [problem.kit.findIndex(({ id }) => id === "mitts200"), place])).minutes,
    );
    expect(mitts.addedMinutes).toBe(Math.max(...after) - before);
    expect(mitts.addedG).toBe(starterPiece("mitts200").massG);
    expect(left.find(({ pieceId }) => pieceId === "heavyBoot")!.insteadOf).toEqual(["midBoot"]);
  });

  it("what other practices would do is simulated, and what has no room is not offered", () => {
    const problem = problemOf();
    const judge = new OutfitJudge(problem);
    const code = wearing(problem, [...DECENT, "fleeceJacket", "downParka", "thinGloves", "mitts200"]);
    const outing = problem.outings.outingIn(code);
    const ways = otherWaysOf(problem, judge, code);
    const later = ways.find(({ question, way }) => question === "bigLayer" && way === "seated")!;
    const minutes = (of: Outing): number => {
      const { sits, decidingSit } = simulateOuting(of);
      return leastMinutesStill(sits[decidingSit]!.verdict);
    };
    const fromMinute = sitSpans(outing.phases)[0]!.fromMinute;
    const seated = outing.wearings.map((own) => (own.pieceId === "downParka" ? { ...own, fromMinute } : own));
    expect(later.own).toBe("fromStart");
    expect(later.addedMinutes).toBe(minutes({ ...outing, wearings: seated }) - minutes(outing));
    expect(later.addedG).toBe(0);
    const thin = ways.find(({ question, way }) => question === "hands" && way === "innerAlone")!;
    expect(thin.addedG).toBe(-starterPiece("mitts200").massG);
    expect(thin.addedMinutes).toBeLessThanOrEqual(0);
    expect(outing.wearings).toEqual(problem.outings.outingIn(code).wearings); // nothing of the outfit itself was changed
  });

  it("a second pair of socks is offered as another practice where the boots have room for it", () => {
    const seen = (["midBoot", "heavyBoot"] as const).flatMap((boot) =>
      ([[], ["toePacks"]] as const).map((besides) => {
        const worn = ["base200Top", "walkTrousers", "linerSock", boot, ...besides] as const;
        const problem = problemOf([...worn, "heavySock"]);
        const isOffered = otherWaysOf(problem, new OutfitJudge(problem), wearing(problem, worn)).some(
          ({ way }) => way === "two",
        );
        expect(isOffered).toBe(problem.isValid(wearing(problem, [...worn, "heavySock"])));
        return isOffered;
      }),
    );
    expect(new Set(seen)).toEqual(new Set([true, false]));
  });

  it("where nothing does it, what would is simulated: a walk, a pad, a generic piece", async () => {
    const problem = problemOf(KIT, { wantedMinutes: 600 });
    const answer = await dress(problem, aloneEvaluator(problem), { budget: 64 });
    expect(answer.canBeDone).toBe(false);
    const warmest = answer.outfits.find(({ picks }) => picks.includes("warmest"))!;
    const relaxed = relaxationsOf(problem, new CloseLooks(problem), warmest, 600);
    expect(relaxed.length).toBeGreaterThan(0);
    for (const { gainedMinutes, isEnough } of relaxed) expect(isEnough || gainedMinutes > 0).toBe(true);
  });

  it("a guess learns what the simulation says", () => {
    const problem = problemOf();
    const judge = new OutfitJudge(problem);
    const model = new MinutesModel(problem.kit);
    const random = seededRandom(5);
    const codes = Array.from({ length: 40 }, () => randomOutfit(problem, random)!);
    const judged = new Map(codes.map((code) => [keyOf(code), { code, judgement: judge.judge(code) }]));
    for (const { code, judgement } of judged.values()) model.learn(code, judgement);
    // At an outfit it has seen, the guess is what was seen.
    for (const { code, judgement } of judged.values()) {
      if (judgement.isLonger || judgement.minutes < 10) continue;
      expect(model.guess(code, model.anchorAt(code, judgement))).toBeCloseTo(judgement.minutes, 6);
    }
  });
});
