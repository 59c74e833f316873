import { minutesBefore, totalMinutes } from "../outing";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cardMoments, turnBackMinute, watchYourselfMinute } from "./field-card";
import { dressingOrder } from "./dressing-order";
import { packingList, PACK_GROUPS, sumOf } from "./packing-list";
import type { Planned, PlannedPiece } from "./planned";
import { DEMO_NAMES } from "../../../tests/sample-outing";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { CoreError } from "../errors";
import { computedTraitsOf } from "../pieces";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { DEMO_PEOPLE, DEMO_PLACES } from "@/server/demo/scenario";

// What is packed and in which order one dresses is common practice, no source: checked are the rules the trade tells.

/** A demo outing with the whole kit of its person, pieces by the key of the starter kit. */
function planned(name: string, change: Partial<Planned> = {}): Planned {
  const demo = demoByName(name);
  const file = demoFile(demo);
  const kit = DEMO_PEOPLE[demo.person].kit.map((key: StarterPieceKey) => {
    const { traits = {}, massG, fingersTogether = false, ...piece } = starterPiece(key);
    return { id: key, ...piece, fingersTogether, traits, massG: massG ?? undefined, ...computedTraitsOf(traits) };
  });
  const end = totalMinutes(file.phases);
  return {
    kit,
    wearings: demo.wearings.map(([pieceId, rank, fromMinute, toMinute, side]) => ({
      pieceId,
      rank,
      fromMinute,
      toMinute: toMinute ?? end,
      side: side ?? "both",
      whenOff: "pack",
    })),
    phases: file.phases,
    setting: DEMO_PLACES[demo.place].setting,
    startsAtMs: Date.parse(file.startsAt),
    lowestAirC: Math.min(...file.weather.map(({ airTemperatureC }) => airTemperatureC)),
    ...change,
  };
}
const keys = (of: Planned): string[] => packingList(of).map(({ key }) => key);
const lek = "Grouse lek before dawn";
const ice = "Char through the ice";

describe("the packing list", () => {
  it.each(DEMO_NAMES)("names every piece worn once, in a known group, with keys that differ: %s", (name) => {
    const of = planned(name);
    const lines = packingList(of);
    const worn = new Set(of.wearings.map(({ pieceId }) => `piece ${pieceId}`));
    for (const key of worn) expect(lines.filter((line) => line.key === key)).toHaveLength(1);
    expect(new Set(lines.map(({ key }) => key)).size).toBe(lines.length);
    expect(lines.every(({ group }) => PACK_GROUPS.includes(group))).toBe(true);
  });

  it("asks for claws, line and studs on ice, for a harness up a tree, for sunglasses on snow by day", () => {
    expect(keys(planned(ice))).toEqual(expect.arrayContaining(["thing iceClaws", "thing throwLine", "thing traction"]));
    expect(keys(planned(lek))).not.toContain("thing iceClaws");
    const high = planned(lek, { setting: { ...planned(lek).setting, seatHeightM: 4 } });
    expect(keys(high)).toContain("thing harness");
    expect(keys(planned(lek))).toContain("thing sunglasses");
    const night = planned(lek, { startsAtMs: Date.UTC(2027, 0, 5, 18) });
    expect(keys(night)).not.toContain("thing sunglasses");
    expect(keys(night)).toContain("thing spareLamp");
  });

  it("takes a spare dry set of what is not worn where water or shelter is far, and names what the kit lacks", () => {
    const of = planned(ice);
    const spare = packingList(of).filter(({ group }) => group === "spare");
    const worn = new Set(of.wearings.map(({ pieceId }) => pieceId));
    for (const { what } of spare) if (what.kind === "piece") expect(worn.has(what.piece.id)).toBe(false);
    const bare = planned(ice, { kit: of.kit.filter(({ id }) => worn.has(id)) });
    expect(keys(bare)).toEqual(
      expect.arrayContaining(["missing drySetTop", "missing drySetLegs", "missing drySetSocks"]),
    );
    const near = planned(lek, { setting: { ...planned(lek).setting, refuge: { kind: "hut", minutesAway: 3 } } });
    expect(packingList(near).filter(({ group }) => group === "spare")).toEqual([]);
  });

  it("asks for a messenger where no telephone reaches, and marks what is due for care", () => {
    expect(keys(planned("Sea-bird count"))).toContain("thing messenger");
    const of = planned(lek);
    const boots = of.kit.map((piece) => (piece.kind === "footwear" ? { ...piece, wears: 3, care: {} } : piece));
    const due = packingList({ ...of, kit: boots }).filter(({ isCareDue }) => isCareDue);
    expect(due.length).toBeGreaterThan(0);
    expect(packingList(of).some(({ isCareDue }) => isCareDue)).toBe(false);
  });
});

const placeOf = (of: Planned, pieceId: string, kind: "putOn" | "takeOff" = "putOn"): number =>
  dressingOrder(of).findIndex(({ act }) => act.kind === kind && act.piece.id === pieceId);

describe("what the list looks at", () => {
  const of = planned(lek);
  const at = (latitudeDeg: number, month: number): Planned =>
    planned(lek, {
      setting: { ...of.setting, latitudeDeg, longitudeDeg: 15 },
      startsAtMs: Date.UTC(2027, month, 21, 6),
    });

  it("asks for no second lamp in a white night, which has a sunset and no dark", () => {
    const white = at(64, 5);
    expect(keys({ ...white, startsAtMs: Date.UTC(2027, 5, 21, 20) })).not.toContain("thing spareLamp");
  });

  it("asks for what snow asks for where a phase goes on snowshoes", () => {
    const { walkIn: _walkIn, ...setting } = of.setting;
    const onFoot = planned(lek, { setting, phases: of.phases.map(({ effort: _effort, ...phase }) => phase) });
    const walk = {
      kind: "walk",
      speedMPerS: 0.8,
      slopePercent: 0,
      loadKg: 5,
      terrain: "dirt",
      snowSinkingCm: 20,
    } as const;
    const onShoes = {
      ...onFoot,
      phases: onFoot.phases.map((phase) => ({ ...phase, effort: { ...walk, snowshoes: true } })),
    };
    expect(keys(onFoot)).not.toContain("thing snowshoes");
    expect(keys(onShoes)).toContain("thing snowshoes");
  });

  it("asks for a second lamp in the polar night and none under the midnight sun; where is not known, it may be dark", () => {
    expect(keys(at(78, 11))).toContain("thing spareLamp");
    expect(keys(at(78, 5))).not.toContain("thing spareLamp");
    const { latitudeDeg: _latitude, longitudeDeg: _longitude, ...nowhere } = of.setting;
    expect(keys(planned(lek, { setting: nowhere }))).toContain("thing spareLamp");
    expect(keys(planned(lek, { setting: nowhere }))).not.toContain("thing sunglasses");
  });

  it("keeps apart what is worn, carried, left at the vehicle and heated, and adds up mass and room", () => {
    const wearings = of.wearings.map((own) =>
      own.pieceId === "downParka" ? { ...own, fromMinute: 60, whenOff: "vehicle" as const } : own,
    );
    const packs = {
      pieceId: "toePacks",
      rank: 5,
      fromMinute: 0,
      toMinute: 300,
      side: "both",
      whenOff: "pack",
    } as const;
    const lines = packingList({ ...of, wearings: [...wearings, packs] }, [{ id: "x", words: "scope" }]);
    const groupOf = (key: string): string | undefined => lines.find((line) => line.key === key)?.group;
    expect(groupOf("piece downParka")).toBe("vehicle");
    expect(groupOf("piece toePacks")).toBe("heat");
    expect(groupOf("extra x")).toBe("tools");
    const parka = of.kit.find(({ id }) => id === "downParka")!;
    const sum = sumOf(lines.filter(({ group }) => group === "vehicle"));
    expect(sum).toEqual({ massG: parka.massG, volumeL: parka.traits.volumeL, unknownMass: 0 });
    const bare = { ...of, kit: of.kit.map((piece) => ({ ...piece, massG: undefined })) };
    expect(sumOf(packingList(bare)).unknownMass).toBeGreaterThan(5);
  });

  it("names a face cover and a pad that nothing worn stands in for", () => {
    const faceless = of.wearings.filter(
      ({ pieceId }) => !["faceMask", "balaclava", "seatPad", "footPad"].includes(pieceId),
    );
    expect(keys({ ...of, wearings: faceless })).toEqual(
      expect.arrayContaining(["missing faceCover", "missing seatPad"]),
    );
  });
});

describe("the dressing order", () => {
  it.each(DEMO_NAMES)("puts on all that is worn, each once a wearing, and takes it off in its minute: %s", (name) => {
    const of = planned(name);
    const end = totalMinutes(of.phases);
    const steps = dressingOrder(of);
    const on = steps.filter(({ act }) => act.kind === "putOn" || act.kind === "keepOn").length;
    const unchanged = of.wearings.filter((own) =>
      of.wearings.some(
        (other) => other.pieceId === own.pieceId && other.toMinute === own.fromMinute && other.side === own.side,
      ),
    );
    expect(on).toBe(of.wearings.length - unchanged.length);
    for (const { act, minute } of steps) {
      if (act.kind !== "takeOff") continue;
      expect(minute).toBeLessThan(end);
      expect(of.wearings.some(({ pieceId, toMinute }) => pieceId === act.piece.id && toMinute === minute)).toBe(true);
    }
  });

  it.each(DEMO_NAMES)("goes from the skin out: underwear, socks, boots, jacket, handwear last: %s", (name) => {
    const of = planned(name);
    const steps = dressingOrder(of).filter(({ spot }) => spot !== "out");
    const first = (kind: string): number =>
      steps.findIndex(({ act }) => act.kind === "putOn" && act.piece.kind === kind);
    const last = (kind: string): number =>
      steps.findLastIndex(({ act }) => act.kind === "putOn" && act.piece.kind === kind);
    expect(last("sock")).toBeLessThan(first("footwear"));
    if (first("handwear") >= 0) expect(first("handwear")).toBeGreaterThan(last("garment"));
    const tuck = steps.findIndex(({ act }) => act.kind === "tuckUnderwear");
    expect(tuck).toBe(last("sock") + 1);
    expect(steps.at(-1)!.act.kind).toBe("checkGaps");
  });

  it("puts legwear that opens over the boots on after them, and what does not before", () => {
    const of = planned(lek);
    const together = (id: string): Planned => ({
      ...of,
      wearings: [
        ...of.wearings.filter(({ pieceId }) => !["bib", "walkTrousers"].includes(pieceId)),
        { pieceId: id, rank: 30, fromMinute: 0, toMinute: 60, side: "both", whenOff: "pack" },
      ],
    });
    const boot = of.wearings.find(
      ({ pieceId, fromMinute }) => fromMinute === 0 && of.kit.find(({ id }) => id === pieceId)?.kind === "footwear",
    )!;
    expect(placeOf(together("bib"), "bib")).toBeGreaterThan(placeOf(together("bib"), boot.pieceId));
    expect(placeOf(together("walkTrousers"), "walkTrousers")).toBeLessThan(
      placeOf(together("walkTrousers"), boot.pieceId),
    );
  });
});

describe("turns of dressing", () => {
  it("harness over trousers, packs onto socks before the boots, pads last (common practice, no source)", () => {
    const of = planned(lek);
    const extra = ([id, kind, traits = {}]: readonly [string, PlannedPiece["kind"], PlannedPiece["traits"]?]) => ({
      ...of.kit.find((piece) => piece.id === "heavySock")!,
      id,
      kind,
      traits,
    });
    const added = [
      extra(["harness", "protection", { isHarness: true }]),
      extra(["bodyPacks", "heatSource"]),
      extra(["felt", "liner"]),
      extra(["insole", "footbed"]),
    ];
    const outing: Planned = {
      ...of,
      kit: [...of.kit, ...added],
      wearings: [
        ...of.wearings,
        ...added.map(({ id }) => ({
          pieceId: id,
          rank: 5,
          fromMinute: 0,
          toMinute: 60,
          side: "both" as const,
          whenOff: "pack" as const,
        })),
      ],
    };
    const order = dressingOrder(outing).flatMap(({ act }) => (act.kind === "putOn" ? [act.piece.id] : []));
    const at = (id: string): number => order.indexOf(id);
    for (const id of ["felt", "insole"]) expect(at(id)).toBeLessThan(at("heavyBoot"));
    expect(at("harness")).toBeGreaterThan(at("base350Legs"));
    expect(Math.min(...added.map(({ id }) => at(id)))).toBeGreaterThanOrEqual(0);
  });
});

describe("a dressing order that meets the unusual", () => {
  const of = planned(lek);
  const worn = (pieceId: string, fromMinute = 0) =>
    ({ pieceId, rank: 5, fromMinute, toMinute: 60, side: "both", whenOff: "pack" }) as const;

  it("asks nothing of who puts nothing on, and refuses a piece that the kit does not hold", () => {
    expect(dressingOrder({ ...of, wearings: [] })).toEqual([]);
    expect(() => dressingOrder({ ...of, wearings: [worn("nobody's")] })).toThrow(CoreError);
  });

  it("puts toe packs on before the boots, packs for the trunk and a life vest after the jackets", () => {
    const vest: PlannedPiece = { ...of.kit.find(({ id }) => id === "fleeceJacket")!, id: "vest", kind: "protection" };
    const trunk: PlannedPiece = { ...vest, id: "trunkPacks", kind: "heatSource" };
    const wearings = [...of.wearings, worn("toePacks"), worn("vest"), worn("trunkPacks")];
    const order = dressingOrder({ ...of, kit: [...of.kit, vest, trunk], wearings }).flatMap(({ act, minute }) =>
      act.kind === "putOn" && minute === 0 ? [act.piece.id] : [],
    );
    expect(order.indexOf("toePacks")).toBeLessThan(order.indexOf("heavyBoot"));
    expect(order.indexOf("trunkPacks")).toBeGreaterThan(order.indexOf("heavyBoot"));
    expect(order.indexOf("vest")).toBeGreaterThanOrEqual(0);
  });
});

describe("zips and parts", () => {
  it("are told where they stand open, and closed again when they change", () => {
    const of = planned(lek);
    const jacket = of.wearings.find(({ pieceId }) => pieceId === "fleeceJacket")!;
    const [first, second] = [
      { ...jacket, toMinute: 60, opened: ["neck" as const] },
      { ...jacket, fromMinute: 60 },
    ];
    const steps = dressingOrder({ ...of, wearings: [...of.wearings.filter((own) => own !== jacket), first, second] });
    const set = steps.flatMap(({ act, minute }) => (act.kind === "setClosures" ? [{ minute, open: act.open }] : []));
    expect(set).toEqual([
      { minute: jacket.fromMinute, open: ["neck"] },
      { minute: 60, open: [] },
    ]);
  });
});

describe("the field card", () => {
  const of = planned(lek);
  const end = totalMinutes(of.phases);
  const sits = of.phases.flatMap((phase, index) => (phase.kind === "sit" ? [minutesBefore(of.phases, index)] : []));
  const sit = (endMinutes: number | null, lowMinutes: number | null) => ({
    fromMinute: sits[0]!,
    toMinute: sits[0]! + 240,
    endMinutes,
    lowMinutes,
  });

  it("turns back as planned, or when the sit is computed to end, and looks at oneself before", () => {
    const planTurn = turnBackMinute(of, sit(null, null));
    expect(planTurn).toBeLessThan(end);
    expect(turnBackMinute(of, sit(90, 40))).toBe(sits[0]! + 90);
    expect(watchYourselfMinute(of, sit(90, 40))).toBe(sits[0]! + 40);
    expect(watchYourselfMinute(of, sit(null, null))).toBeNull();
    const noSit = { phases: of.phases.filter(({ kind }) => kind !== "sit") };
    const all = totalMinutes(noSit.phases);
    expect(turnBackMinute(noSit, sit(null, null))).toBe(all);
  });

  it("is in order of time, leaves out what comes after turning back, and walks out from there", () => {
    fc.assert(
      fc.property(
        fc.option(fc.integer({ min: 1, max: 400 })),
        fc.option(fc.integer({ min: 1, max: 400 })),
        (ends, low) => {
          const own = sit(ends, low);
          const moments = cardMoments(of, own);
          const turnBack = turnBackMinute(of, own);
          expect(moments.map(({ minute }) => minute)).toEqual(
            [...moments.map(({ minute }) => minute)].sort((a, b) => a - b),
          );
          expect(moments.filter(({ act }) => act.kind === "turnBack").map(({ minute }) => minute)).toEqual([turnBack]);
          const later = moments.filter(
            ({ minute, act }) => minute > turnBack && act.kind === "phase" && act.phase.kind === "sit",
          );
          expect(later).toEqual([]);
          const walk = of.phases.at(-1)!.minutes;
          expect(moments.at(-1)!).toEqual({ minute: turnBack + walk, act: { kind: "end" } });
        },
      ),
    );
  });
});
