import { describe, expect, it } from "vitest";
import { starterPiece, type StarterPieceKey } from "@/formats/starter-kit/starter-pieces";
import { sampleOuting } from "../../../tests/sample-outing";
import { LEVELS } from "../limits";
import { simulateOuting, type Piece } from "../outing";
import { benchOuting, footBench, type BenchSetting, type FootSystem, type ToeMinutes } from ".";

const piece = (key: StarterPieceKey): Piece => {
  const { name, kind, label, massG, fingersTogether = false, traits = {} } = starterPiece(key);
  return { id: key, name, kind, label, massG, fingersTogether, ...traits };
};
const pieces = (
  ["base350Top", "base350Legs", "fleeceJacket", "bib", "downParka", "longHat", "balaclava", "mitts300"] as const
).map(piece);

/** Four hours on a metal platform at −12 °C. */
const PLATFORM: BenchSetting = {
  person: sampleOuting().person,
  dress: {
    pieces,
    wearings: pieces.map(({ id }, rank) => ({ pieceId: id, side: "both", rank, fromMinute: 0, toMinute: 240 })),
  },
  airTemperatureC: -12,
  windAtSeatMPerS: 1,
  ground: "metal",
  posture: "sitting",
  hours: 4,
};
const system = (
  boot: StarterPieceKey,
  socks: readonly StarterPieceKey[],
  change: Partial<FootSystem> = {},
): FootSystem => ({
  boot: piece(boot),
  socks: socks.map(piece),
  footbed: null,
  gaiter: null,
  under: null,
  ...change,
});
const TWO = ["linerSock", "heavySock"] as const;
const cold = ({ cold: minutes }: ToeMinutes): number => minutes ?? Infinity;

describe("boots on a metal platform at −12 °C for four hours", () => {
  const two = footBench(PLATFORM, system("midBoot", TWO));
  const three = footBench(PLATFORM, system("midBoot", ["linerSock", "heavySock", "heavySock"]));

  it("a third sock that makes the boot tight loses minutes; with room it would not (common practice)", () => {
    expect(two.fit).toMatchObject({ roomMm: 6, overfilledMm: 0, bloodShare: 1 });
    expect(two.toeMinutesWithRoom).toBeNull();
    expect(three.fit.overfilledMm).toBeGreaterThan(1);
    expect(three.fit.bloodShare).toBeLessThan(0.7);
    expect(cold(three.toeMinutes)).toBeLessThan(cold(two.toeMinutes));
    expect(cold(three.toeMinutesWithRoom!)).toBeGreaterThan(cold(two.toeMinutes));
  });

  it("are ranked as their figures are: heavy before middle before a thin rubber boot", () => {
    const minutes = (["heavyBoot", "midBoot", "kneeBoot"] as const).map((boot) =>
      cold(footBench(PLATFORM, system(boot, TWO)).toeMinutes),
    );
    expect([...minutes].sort((one, other) => other - one)).toEqual(minutes);
    expect(minutes[0]).toBeGreaterThan(minutes[2]!);
  });

  it("a pad under the soles saves watts on metal, fewer on wood", () => {
    const padded = footBench(PLATFORM, system("midBoot", TWO, { under: piece("footPad") }));
    expect(padded.soleLossW.metal).toBeLessThan(two.soleLossW.metal);
    expect(two.soleLossW.wood).toBeLessThan(two.soleLossW.metal);
    expect(two.soleLossW.metal - padded.soleLossW.metal).toBeGreaterThan(two.soleLossW.wood - padded.soleLossW.wood);
  });

  it("last no longer in colder air, nor to a warmer limit", () => {
    for (const { toeMinutes } of two.byAir) {
      const [comfort, middle, hard] = LEVELS.map((level) => toeMinutes[level] ?? Infinity);
      expect(comfort).toBeLessThanOrEqual(middle!);
      expect(middle).toBeLessThanOrEqual(hard!);
    }
    const byAir = two.byAir.map(({ toeMinutes }) => cold(toeMinutes));
    expect([...byAir].sort((one, other) => one - other)).toEqual(byAir);
  });

  it("are the whole model: the minutes are those of the outing itself, and the mass is the pair's", () => {
    const outing = benchOuting(PLATFORM, [piece("linerSock"), piece("heavySock"), piece("midBoot")]);
    const { leftToes, rightToes } = simulateOuting(outing).series.digitC;
    const crossing = two.toeMinutes.cold!;
    expect(Math.min(leftToes[crossing]!, rightToes[crossing]!)).toBeLessThan(15);
    expect(Math.min(leftToes[crossing - 1]!, rightToes[crossing - 1]!)).toBeGreaterThanOrEqual(15);
    expect(two.massG).toBe(1700 + 40 + 130);
    expect(
      footBench(PLATFORM, { ...system("midBoot", TWO), boot: { ...piece("midBoot"), massG: undefined } }).massG,
    ).toBeNull();
  });

  it("takes bare feet as they are", () => {
    const bare = footBench(PLATFORM, { socks: [], footbed: null, boot: null, gaiter: null, under: null });
    expect(cold(bare.toeMinutes)).toBeLessThan(15);
    expect(bare.fit).toMatchObject({ roomMm: null, filledMm: 0, overfilledMm: 0, bloodShare: 1 });
  });
});
