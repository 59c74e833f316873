import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Label } from "../labels";
import { carriedAt } from "./carried";
import {
  splitPhase,
  walkEffort,
  withoutPhase,
  withPhaseInserted,
  type Phase,
  type Wearing,
  totalMinutes,
} from "../outing";
import { usualWearing } from "./usual-wearing";
import { wearingProblems, type KnownPiece } from "./wearing-problems";
import type { PieceKind, PieceTraits } from "../pieces";

type PanelsLabel = Extract<Label, { kind: "panels" }>;
const label = (patches: PanelsLabel["panels"][number]["patches"], rest: Partial<PanelsLabel> = {}): Label => ({
  kind: "panels",
  panels: [{ patches, materials: [{ kind: "thickness", thicknessMm: 3 }] }],
  assembly: "none",
  face: "knit",
  fit: "regular",
  wear: "new",
  ...rest,
});
const piece = (
  id: string,
  kind: PieceKind,
  own: Label,
  traits: PieceTraits = {},
  fingersTogether = false,
): KnownPiece => ({
  id,
  name: id,
  kind,
  label: own,
  traits,
  fingersTogether,
});
const on = (
  pieceId: string,
  fromMinute: number,
  toMinute: number,
  rank = 10,
  side: Wearing["side"] = "both",
): Wearing => ({
  pieceId,
  side,
  rank,
  fromMinute,
  toMinute,
});
const DAY = 300;
const boots = piece("boots", "footwear", label(["toes", "ankle"], { assembly: "boot" }));
const bib = (opensOverBoots: boolean | undefined) =>
  piece("bib", "garment", label(["calf", "ankle"]), { opensOverBoots });
const kinds = (pieces: readonly KnownPiece[], wearings: readonly Wearing[]) =>
  wearingProblems(pieces, wearings, DAY).map(({ kind, index: place }) => `${kind} ${place}`);

describe("what cannot be worn (common practice, no source)", () => {
  it("legwear that does not open goes on before the boots", () => {
    const worn = [on("boots", 0, DAY), on("bib", 60, DAY)];
    expect(kinds([boots, bib(false)], worn)).toEqual(["legsOverBoots 1"]);
    expect(kinds([boots, bib(true)], worn)).toEqual([]);
    expect(kinds([boots, bib(undefined)], worn)).toEqual([]);
    expect(kinds([boots, bib(false)], [on("boots", 0, DAY), on("bib", 0, DAY)])).toEqual([]);
    expect(kinds([boots, bib(false)], [on("boots", 60, DAY), on("bib", 60, DAY)])).toEqual([]);
  });

  it("two pairs of boots follow each other", () => {
    const other = { ...boots, id: "other" };
    expect(kinds([boots, other], [on("boots", 0, 70), on("other", 60, DAY)])).toEqual(["twoBoots 1"]);
    expect(kinds([boots, other], [on("boots", 0, 60), on("other", 60, DAY)])).toEqual([]);
    expect(kinds([boots, other], [on("boots", 0, DAY, 10, "left"), on("other", 0, DAY, 10, "right")])).toEqual([]);
  });

  it("socks are counted against the boot's room, or against what is usual", () => {
    const socks = ["a", "b", "c"].map((id) => piece(id, "sock", label(["toes", "ankle"])));
    const worn = [on("boots", 0, DAY, 40), ...socks.map(({ id }, index) => on(id, 0, DAY, 10 + index))];
    expect(kinds([boots, ...socks], worn)).toEqual(["manySocks 0"]);
    expect(kinds([boots, ...socks], worn.slice(0, 3))).toEqual([]);
    const roomy = { ...boots, label: label(["toes"], { assembly: "boot", easeMm: 9 }) };
    expect(kinds([roomy, ...socks], worn)).toEqual([]);
    const tight = { ...boots, label: label(["toes"], { assembly: "boot", easeMm: 5 }) };
    expect(kinds([tight, ...socks], worn.slice(0, 3))).toEqual(["bootTooFull 0"]);
  });

  it("a mitt goes over a glove, a harness's strap through a slot", () => {
    const glove = piece("glove", "handwear", label(["fingers"]));
    const mitt = piece("mitt", "handwear", label(["fingers"]), {}, true);
    expect(kinds([glove, mitt], [on("mitt", 0, DAY, 10), on("glove", 0, DAY, 20)])).toEqual(["mittInGlove 0"]);
    expect(kinds([glove, mitt], [on("mitt", 0, DAY, 20), on("glove", 0, DAY, 10)])).toEqual([]);
    const harness = piece("harness", "protection", label(["chest"]), { isHarness: true });
    const jacket = (hasStrapSlot?: boolean) => piece("jacket", "garment", label(["back", "chest"]), { hasStrapSlot });
    const worn = [on("harness", 0, DAY, 20), on("jacket", 60, DAY, 50)];
    expect(kinds([harness, jacket()], worn)).toEqual(["strapThroughCollar 1"]);
    expect(kinds([harness, jacket(true)], worn)).toEqual([]);
  });
});

describe("where a piece is usually worn", () => {
  it("headwear of layers written out goes over what is next to the skin, as a hat that covers no face does", () => {
    const written = piece("hat", "headwear", { kind: "explicit", panels: [] });
    const hat = piece("hat", "headwear", label(["scalp"]));
    expect(usualWearing(written)).toEqual(usualWearing(hat));
    expect(usualWearing(piece("mask", "headwear", label(["face"]))).rank).toBeLessThan(usualWearing(hat).rank);
  });
});

describe("what cannot be told", () => {
  it("of boots whose layers are written out is counted by what is usual; what the kit does not know is left alone", () => {
    const written: KnownPiece = { ...boots, label: { kind: "explicit", panels: [] } };
    const socks = ["a", "b", "c"].map((id) => piece(id, "sock", label(["toes", "ankle"])));
    const worn = [on("boots", 0, DAY, 40), ...socks.map(({ id }, index) => on(id, 0, DAY, 10 + index))];
    expect(kinds([written, ...socks], worn)).toEqual(["manySocks 0"]);
    expect(kinds(socks, worn)).toEqual([]);
  });
});

describe("what is carried", () => {
  const kit = [
    { id: "hat", massG: 100, traits: {} },
    { id: "parka", massG: 1200, traits: { volumeL: 12 } },
    { id: "pad", massG: null, traits: {} },
    { id: "unworn", massG: 900, traits: {} },
  ];
  const worn = (whenOff: "pack" | "vehicle") => [
    { ...on("hat", 0, DAY), whenOff },
    { ...on("parka", 60, DAY), whenOff },
    { ...on("pad", 60, DAY), whenOff },
  ];

  it("is in the pack until it is put on, and nowhere when it waits elsewhere", () => {
    expect(carriedAt(kit, worn("pack"), 10)).toEqual({ wornG: 100, packG: 1200, packL: 12, unknownMass: 1 });
    expect(carriedAt(kit, worn("pack"), 60)).toMatchObject({ wornG: 1300, packG: 0 });
    expect(carriedAt(kit, worn("vehicle"), 10)).toMatchObject({ wornG: 100, packG: 0, packL: 0 });
  });
});

describe("phases put in, taken out, cut", () => {
  const phase = (kind: Phase["kind"], minutes: number): Phase => ({
    kind,
    minutes,
    posture: "sitting",
    activityRatio: 1.2,
    walkSpeedMPerS: 0,
  });
  const phases = [phase("walkIn", 40), phase("sit", 120), phase("walkOut", 40)];
  const total = (of: readonly Phase[]) => totalMinutes(of);

  it("what is put on with a later phase moves with it, what is worn across goes on", () => {
    const wearings = [on("a", 0, 200), on("b", 40, 160), on("c", 160, 200)];
    const { wearings: moved } = withPhaseInserted(phases, wearings, 1, phase("break", 30));
    expect(moved.map(({ fromMinute, toMinute }) => [fromMinute, toMinute])).toEqual([
      [0, 230],
      [70, 190],
      [190, 230],
    ]);
    const last = withPhaseInserted(phases, wearings, 3, phase("sit", 60));
    expect(last.wearings.map(({ toMinute }) => toMinute)).toEqual([260, 160, 260]);
  });

  it("taking out again gives what was, for whatever was worn", () => {
    const span = fc.tuple(fc.integer({ min: 0, max: 199 }), fc.integer({ min: 0, max: 199 })).filter(([a, b]) => a < b);
    fc.assert(
      fc.property(
        fc.array(span),
        fc.integer({ min: 0, max: 2 }),
        fc.integer({ min: 1, max: 90 }),
        (spans, index, minutes) => {
          const wearings = spans.map(([from, to], index) => on(String(index), from, to + 1));
          const there = withPhaseInserted(phases, wearings, index, phase("break", minutes));
          expect(withoutPhase(there.phases, there.wearings, index)).toEqual({ phases, wearings });
          expect(total(there.phases)).toBe(total(phases) + minutes);
        },
      ),
    );
  });

  it("what was worn only in a phase goes with it", () => {
    const { wearings } = withoutPhase(phases, [on("a", 50, 150), on("b", 0, 200)], 1);
    expect(wearings).toEqual([on("b", 0, 80)]);
  });

  it("a cut changes nothing but the number of phases", () => {
    const cut = splitPhase(phases, 1, 50, (own) => own);
    expect(cut.map(({ minutes }) => minutes)).toEqual([40, 50, 70, 40]);
    expect(total(cut)).toBe(total(phases));
  });
});

describe("the way walked", () => {
  it("is its distance over its minutes, its climb over its distance, turned round on the way out", () => {
    const way = {
      distanceM: 1800,
      climbM: 90,
      loadKg: 10,
      terrain: "dirt",
      snowSinkingCm: 0,
      snowshoes: false,
    } as const;
    expect(walkEffort(way, 30, "in")).toMatchObject({ kind: "walk", speedMPerS: 1, slopePercent: 5, loadKg: 10 });
    expect(walkEffort(way, 30, "out")).toMatchObject({ speedMPerS: 1, slopePercent: -5 });
  });
});

describe("the usual order from the skin (common practice, no source)", () => {
  const rank = (own: Label) => usualWearing({ kind: "garment", label: own, fingersTogether: false }).rank;
  const base = label(["chest", "forearm"], { fit: "close" });
  const fleece = label(["chest", "forearm"], { face: "open" });
  const parka = label(["chest", "forearm"], { face: "denseWeave", assembly: "baffled" });
  const shell = label(["chest", "forearm"], { face: "membrane" });

  it("base, fleece, insulation, shell; what is insulated waits for the sit", () => {
    const ranks = [base, fleece, parka, shell].map(rank);
    expect([...ranks].sort((one, other) => one - other)).toEqual(ranks);
    expect(usualWearing({ kind: "garment", label: parka, fingersTogether: false }).isForTheSit).toBe(true);
    expect(usualWearing({ kind: "garment", label: base, fingersTogether: false }).isForTheSit).toBe(false);
  });

  it("nobody walks in with nothing over the long underwear: insulated legwear is on from the start", () => {
    const bib = label(["belly", "thigh", "calf"], { face: "membrane", assembly: "sewnThrough" });
    expect(usualWearing({ kind: "garment", label: bib, fingersTogether: false })).toEqual({
      rank: 30,
      isForTheSit: false,
    });
  });

  it("sock, footbed, boot; glove under mitt", () => {
    const of = (kind: PieceKind, together = false) =>
      usualWearing({ kind, label: base, fingersTogether: together }).rank;
    expect(of("sock")).toBeLessThan(of("footbed"));
    expect(of("footbed")).toBeLessThan(of("footwear"));
    expect(of("handwear")).toBeLessThan(of("handwear", true));
  });
});
