import { corePiece } from "../../../tests/core-piece";
import { describe, expect, it } from "vitest";
import type { StarterPieceKey } from "@/core/starter-kit";
import { sampleOuting } from "../../../tests/sample-outing";
import { LEVELS } from "../limits";
import { simulateOuting } from "../simulation";
import { readLabel } from "../labels";
import { BENCH_RANGE, benchOuting, type BenchSetting } from "./bench-setting";
import { footBench, type FootSystem, type ToeMinutes } from "./foot-bench";

const pieces = (
  ["base350Top", "base350Legs", "fleeceJacket", "bib", "downParka", "longHat", "balaclava", "mitts300"] as const
).map(corePiece);

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
  boot: corePiece(boot),
  socks: socks.map(corePiece),
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

  it("a third sock that makes the boot tight is not worth it; with room it would be (common practice)", () => {
    expect(two.fit).toMatchObject({ roomMm: 6, overfilledMm: 0, bloodShare: 1 });
    expect(two.toeMinutesWithRoom).toBeNull();
    expect(three.fit.overfilledMm).toBeGreaterThan(1);
    expect(three.fit.bloodShare).toBeLessThan(0.7);
    // In deep cold little blood comes anyway, and cloth decides: a third sock buys next to nothing.
    expect(cold(three.toeMinutes) / cold(two.toeMinutes)).toBeLessThan(1.1);
    expect(cold(three.toeMinutesWithRoom!)).toBeGreaterThan(cold(two.toeMinutes));
  });

  it("a third sock that makes the boot tight loses minutes where blood keeps toes warm (common practice)", () => {
    const frost = { ...PLATFORM, airTemperatureC: 0 };
    const [loose, tight] = [TWO, ["linerSock", "heavySock", "heavySock"] as const].map(
      (socks) => footBench(frost, system("midBoot", socks)).toeMinutes,
    );
    expect(cold(tight!)).toBeLessThan(cold(loose!));
    expect(tight!.hard!).toBeLessThan(loose!.hard! * 0.9);
  });

  it("are ranked as their figures are: heavy before middle before a thin rubber boot", () => {
    const minutes = (["heavyBoot", "midBoot", "kneeBoot"] as const).map((boot) =>
      cold(footBench(PLATFORM, system(boot, TWO)).toeMinutes),
    );
    expect([...minutes].sort((one, other) => other - one)).toEqual(minutes);
    expect(minutes[0]).toBeGreaterThan(minutes[2]!);
  });

  it("a pad under the soles saves watts on metal, fewer on wood", () => {
    const padded = footBench(PLATFORM, system("midBoot", TWO, { under: corePiece("footPad") }));
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
    const outing = benchOuting(PLATFORM, [corePiece("linerSock"), corePiece("heavySock"), corePiece("midBoot")]);
    const { leftToes, rightToes } = simulateOuting(outing).series.digitC;
    const crossing = two.toeMinutes.cold!;
    expect(Math.min(leftToes[crossing]!, rightToes[crossing]!)).toBeLessThan(15);
    expect(Math.min(leftToes[crossing - 1]!, rightToes[crossing - 1]!)).toBeGreaterThanOrEqual(15);
    expect(two.massG).toBe(1700 + 40 + 130);
    expect(
      footBench(PLATFORM, { ...system("midBoot", TWO), boot: { ...corePiece("midBoot"), massG: undefined } }).massG,
    ).toBeNull();
  });

  it("takes bare feet as they are", () => {
    const bare = footBench(PLATFORM, { socks: [], footbed: null, boot: null, gaiter: null, under: null });
    expect(cold(bare.toeMinutes)).toBeLessThan(15);
    expect(bare.fit).toMatchObject({ roomMm: null, filledMm: 0, overfilledMm: 0, bloodShare: 1 });
  });

  it("a footbed under the sole saves watts on metal and takes no room over the toes", () => {
    const withBed = footBench(PLATFORM, system("midBoot", TWO, { footbed: corePiece("feltFootbed") }));
    expect(withBed.soleLossW.metal).toBeLessThan(two.soleLossW.metal);
    expect(withBed.fit).toEqual(two.fit);
  });

  it("a boot whose layers are written out has no room that could be too little", () => {
    const boot = corePiece("midBoot");
    const panels = readLabel(boot.label).map(({ patch, side, layers, coverShare }) => ({
      patches: [patch],
      side,
      layers,
      coverShare,
    }));
    const answer = footBench(
      PLATFORM,
      system("midBoot", TWO, { boot: { ...boot, label: { kind: "explicit", panels } } }),
    );
    expect(answer.fit).toMatchObject({ roomMm: null, overfilledMm: 0 });
    expect(answer.toeMinutes).toEqual(two.toeMinutes); // nothing was too tight before either
  });

  it("finds no cold that is too much for half an hour in the heaviest, and no air warm enough for half a day in none", () => {
    const short = footBench({ ...PLATFORM, hours: 0.5 }, system("heavyBoot", TWO));
    expect(short.coldestForHoursC).toBe(BENCH_RANGE.airTemperatureC[0]);
    const nothing: FootSystem = { socks: [], footbed: null, boot: null, gaiter: null, under: null };
    const wantsComfort = { ...PLATFORM.person, accepted: { ...PLATFORM.person.accepted, toes: "comfort" as const } };
    const half = { ...PLATFORM, person: wantsComfort, windAtSeatMPerS: 15, hours: 12 };
    expect(footBench(half, nothing).coldestForHoursC).toBeNull();
  });
});
