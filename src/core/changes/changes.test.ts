import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { STARTER_PIECES } from "@/core/starter-kit";
import { simulateOuting } from "../simulation";
import type { Outing } from "../outing";
import type { Piece } from "../pieces";
import { minutesRange } from "../range";
import { availableChanges, changedOuting, whatBuysMinutes } from "./what-buys-minutes";
import type { ChangeKind } from "./change";
import { isWetDay } from "./fits-weather";

const outing = sampleOuting();
const KIT: Piece[] = (["fleeceTights", "base200Top", "synthParka", "pacBoot", "feltFootbed"] as const).map((id) => {
  const { name, kind, label, massG } = STARTER_PIECES[id];
  return { id, name, kind, label, massG, fingersTogether: false };
});
const minutes = (of: Outing): number => {
  const { verdict } = simulateOuting(of).sits[0]!;
  return verdict.kind === "ends" ? verdict.minutesStill : verdict.kind === "longerThan" ? verdict.minutes : 0;
};
const kinds = (of: Outing, kit: readonly Piece[] = []): ChangeKind[] =>
  availableChanges(of, kit).map(({ kind }) => kind);

describe("what buys minutes", () => {
  const worths = whatBuysMinutes(outing, 0, KIT);

  it("is each change simulated: the best by the middle of a small range, the rest by what the plan itself gives", () => {
    const changes = availableChanges(outing, KIT);
    const singles = worths.filter(({ change }) => change.kind !== "pair");
    expect(singles).toHaveLength(changes.length);
    const middle = (of: Outing): number => minutesRange(of, 0, 9).middle.minutes;
    const before = { middle: middle(outing), single: minutes(outing) };
    for (const { change, gainedMinutes } of singles) {
      const plan = changes.find(({ id }) => id === change.id)!.apply(outing);
      const gains = [minutes(plan) - before.single, middle(plan) - before.middle];
      expect(gains, change.id).toContain(gainedMinutes);
    }
  });

  it("never offers what no one would do: a parka as a dry shirt, down outermost in rain, a shell given up for it", () => {
    const wet = {
      ...outing,
      weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: 3, precipitationMm: 2 })),
    };
    const kit = (["downParka", "downVest", "synthParka", "fleeceJacket", "base200Top"] as const).map((id) => {
      const { name, kind, label, massG } = STARTER_PIECES[id];
      return { id: `spare ${id}`, name, kind, label, massG, fingersTogether: false };
    });
    const ids = availableChanges(wet, kit).map(({ id }) => id);
    expect(ids.filter((id) => id.startsWith("wear spare down"))).toEqual([]);
    expect(ids.filter((id) => /on arrival spare (down|synth|fleece)/.test(id))).toEqual([]);
    const unpadded = {
      ...outing,
      wearings: outing.wearings.filter(({ pieceId }) => !/[vV]est|[pP]arka/.test(pieceId)),
    };
    expect(availableChanges(unpadded, kit).map(({ id }) => id)).toContain("wear spare downVest");
    expect(isWetDay(wet)).toBe(true);
    expect(isWetDay({ weather: wet.weather.map((hour) => ({ ...hour, airTemperatureC: -8 })) })).toBe(false);
  });

  it("names a generic piece where the kit has none of its place, and none where it has", () => {
    const without = {
      ...outing,
      wearings: outing.wearings.filter(({ pieceId }) => !["faceMask", "balaclava", "windHood"].includes(pieceId)),
    };
    const offered = (of: Outing): string[] =>
      availableChanges(of, []).flatMap(({ kind, id }) => (kind === "genericPiece" ? [id] : []));
    expect(offered(without)).toContain("generic a face mask, any");
    expect(offered(outing)).not.toContain("generic a face mask, any");
  });

  it("looks at two together where no single change gains five minutes", () => {
    // Toes and fingers are both far gone: mending one alone leaves the other.
    const dire: Outing = {
      ...outing,
      weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: -38 })),
      phases: outing.phases.map((phase) => ({ ...phase, minutes: Math.min(phase.minutes, 90) })),
    };
    const found = whatBuysMinutes(dire, 0, KIT);
    const best = found.filter(({ change }) => change.kind !== "pair" && change.kind !== "practice")[0]!;
    const pair = found.find(({ change }) => change.kind === "pair");
    expect(best.gainedMinutes).toBeLessThan(5);
    expect(pair).toBeDefined();
    expect(pair!.gainedMinutes).toBeGreaterThanOrEqual(best.gainedMinutes);
    expect(changedOuting(dire, KIT, pair!.change.id)).not.toBeNull();
  });

  it("is ranked by the gain, and per kg where something more is carried", () => {
    const gains = worths.map(({ gainedMinutes }) => gainedMinutes);
    expect([...gains].sort((one, other) => other - one)).toEqual(gains);
    for (const { change, gainedMinutes, perKg } of worths) {
      if (perKg !== null) expect(perKg).toBeCloseTo(gainedMinutes / (change.addedMassG! / 1000), 9);
    }
  });

  it("offers pads, walks, earlier layers, spare pieces and swaps, and changes nothing of the plan itself", () => {
    const offered = new Set(worths.map(({ change }) => change.kind));
    for (const kind of ["solePad", "seatPad", "walkEveryHour", "putOnEarlier", "wearPiece", "swapPiece"] as const) {
      expect(offered).toContain(kind);
    }
    expect(sampleOuting()).toEqual(outing);
  });

  it("swaps inner for inner and outer for outer only", () => {
    const swaps = availableChanges(outing, KIT).filter(({ kind }) => kind === "swapPiece");
    const swapped = swaps.map(({ pieceIds }) => pieceIds.join(" "));
    expect(swapped).toContain("base200Top base350Top");
    expect(swapped).not.toContain("synthParka base350Top");
  });

  it("offers to sit down, to kneel on a pad and to close what is open only where that can be", () => {
    const onSits = (posture: "standing" | "kneeling"): Outing => ({
      ...outing,
      phases: outing.phases.map((phase) => (phase.kind === "sit" ? { ...phase, posture } : phase)),
    });
    expect(kinds(outing)).not.toContain("sitDown");
    expect(kinds(onSits("standing"))).toContain("sitDown");
    expect(kinds(onSits("kneeling"))).toContain("kneePad");
    expect(kinds(outing)).not.toContain("closeOpening");
    const open = {
      ...outing,
      wearings: outing.wearings.map((wearing) => ({ ...wearing, opened: ["wrists" as const] })),
    };
    expect(kinds(open)).toContain("closeOpening");
    const out = { ...outing, wearings: outing.wearings.map((wearing) => ({ ...wearing, withoutParts: ["hood"] })) };
    expect(kinds(out)).toContain("partBackOn");
  });

  it("a pad under the soles of somebody who stands on metal gains more than under one who sits on wood", () => {
    const gain = (of: Outing): number =>
      whatBuysMinutes(of, 0).find(({ change }) => change.kind === "solePad")!.gainedMinutes;
    const bare = { ...outing, wearings: outing.wearings.filter(({ pieceId }) => pieceId !== "footPad") };
    const on = (ground: "metal" | "wood", posture: "standing" | "sitting"): Outing => ({
      ...bare,
      place: { ...bare.place, ground },
      phases: bare.phases.map((phase) => (phase.kind === "sit" ? { ...phase, posture } : phase)),
    });
    expect(gain(on("metal", "standing"))).toBeGreaterThanOrEqual(gain(on("wood", "sitting")));
  });

  it("tells what a swap weighs more where both masses are known", () => {
    const heavier = (fresh: Partial<Piece>) => {
      const of = { ...outing, pieces: outing.pieces.map((own) => ({ ...own, massG: 200 })) };
      const kit = KIT.filter(({ id }) => id === "base200Top").map((own) => ({ ...own, ...fresh }));
      return availableChanges(of, kit).find(({ kind }) => kind === "swapPiece")!.addedMassG;
    };
    expect(heavier({ massG: 180 })).toBe(-20);
    expect(heavier({ massG: undefined })).toBeNull();
  });

  it("puts back the part that was left off, of that piece alone", () => {
    const bare = { ...outing, wearings: outing.wearings.map((wearing) => ({ ...wearing, withoutParts: ["hood"] })) };
    const change = availableChanges(bare, []).find(({ kind }) => kind === "partBackOn")!;
    const whole = change.apply(bare).wearings.filter(({ withoutParts }) => withoutParts!.length === 0);
    expect(whole.map(({ pieceId }) => pieceId)).toEqual(change.pieceIds);
  });

  it("sits who stands down, and leaves who kneels as they are", () => {
    const sit = outing.phases.find(({ kind }) => kind === "sit")!;
    const of = { ...outing, phases: (["standing", "kneeling"] as const).map((posture) => ({ ...sit, posture })) };
    const change = availableChanges(of, []).find(({ kind }) => kind === "sitDown")!;
    expect(change.apply(of).phases.map(({ posture }) => posture)).toEqual(["sitting", "kneeling"]);
  });

  it("counts who arrives too cold as no minutes: what helps is all gain", () => {
    const bare: Outing = {
      ...outing,
      wearings: [],
      weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: -30 })),
    };
    expect(simulateOuting(bare).sits[0]!.verdict.kind).toBe("arrivesTooCold");
    for (const { gainedMinutes } of whatBuysMinutes(bare, 0)) expect(gainedMinutes).toBeGreaterThanOrEqual(0);
  });

  it("knows a change by its id, and says when a plan no longer has it", () => {
    expect(changedOuting(outing, [], "nothing of the kind")).toBeNull();
    const [first] = availableChanges(outing, []);
    expect(changedOuting(outing, [], first!.id)).toEqual(first!.apply(outing));
  });

  it("of a sit that has no end is at least what was looked at", () => {
    const mild = { ...outing, weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: 14 })) };
    const worths = whatBuysMinutes(mild, 0);
    expect(worths.some(({ atLeast }) => atLeast)).toBe(true);
    for (const { atLeast, gainedMinutes } of worths) if (atLeast) expect(gainedMinutes).toBeGreaterThanOrEqual(0);
  });
});
