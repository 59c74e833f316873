import { describe, expect, it } from "vitest";
import { pieceOfStarter } from "../../morning";
import { seededRandom } from "../../numeric";
import { starterPiece, type StarterPieceKey } from "../../starter-kit";
import type { OutfitCode } from "../outfit/outfit-code";
import { SWITCHES } from "../outfit/outfit-code";
import type { DresserPiece } from "../outfit/wishes";
import { MinutesModel } from "./minutes-model";
import { GUESSED } from "./outfit-features";
import type { Judgement } from "./outfit-judge";

const KEYS: readonly StarterPieceKey[] = [
  "base200Top",
  "fleeceJacket",
  "downParka",
  "heavySock",
  "midBoot",
  "mitts200",
];
const KIT: readonly DresserPiece[] = KEYS.map((key) => ({
  ...pieceOfStarter(starterPiece(key), key),
  traits: starterPiece(key).traits ?? {},
}));
const TOES = GUESSED.indexOf("toes");

const random = seededRandom(3);
const outfits = Array.from({ length: 30 }, (): OutfitCode => {
  const code = new Uint8Array(KIT.length + SWITCHES);
  KIT.forEach((_, index) => (code[index] = random() < 0.5 ? 1 : 0));
  return code;
});
const judgement = (met: Judgement["met"], coveredMinutes: number): Judgement => ({
  minutes: met.toes ?? coveredMinutes,
  isLonger: false,
  limit: null,
  part: null,
  met,
  coveredMinutes,
  sweatGPerM2: 0,
});
/** Taught that toes end ten outfits after 200 min, and of twenty others only that they were warm for so long. */
const taught = (warmForMinutes: number | null): MinutesModel => {
  const model = new MinutesModel(KIT);
  for (const code of outfits.slice(0, 10)) model.learn(code, judgement({ toes: 200 }, 200));
  if (warmForMinutes !== null) for (const code of outfits.slice(10)) model.learn(code, judgement({}, warmForMinutes));
  return model;
};
const minutesOf = (model: MinutesModel, code: OutfitCode): number => Math.exp(model.byFit(code)[TOES]!);

describe("a limit that was not met", () => {
  it("is not held down by outfits that something else ended sooner", () => {
    const [without, withThem] = [taught(null), taught(20)];
    for (const code of outfits) expect(minutesOf(withThem, code)).toBeCloseTo(minutesOf(without, code), 9);
  });

  it("lasts longer where outfits were seen to outlast what was guessed", () => {
    const [without, withThem] = [taught(null), taught(600)];
    for (const code of outfits.slice(10)) expect(minutesOf(withThem, code)).toBeGreaterThan(minutesOf(without, code));
  });

  it("is unknown until it was met once", () => {
    const model = new MinutesModel(KIT);
    model.learn(outfits[0]!, judgement({}, 300));
    expect(model.byFit(outfits[0]!)[TOES]).toBe(Infinity);
  });
});
