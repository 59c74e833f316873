import { corePiece } from "../../../tests/core-piece";
import { describe, expect, it } from "vitest";
import { demoOuting } from "../../../tests/sample-outing";
import { simulateOuting } from "../simulation";
import { type Outing, totalMinutes } from "../outing";
import { heatAndDryChanges, usualHeat } from "./heat-changes";

const outing = demoOuting("Grouse lek before dawn");
const total = totalMinutes(outing.phases);
const still = { fromMinute: 60, toMinute: 300 };
const inVest: Outing = {
  ...outing,
  pieces: [...outing.pieces, corePiece("heatedVest")],
  wearings: [...outing.wearings, { pieceId: "heatedVest", side: "both", rank: 15, fromMinute: 0, toMinute: total }],
};
const debtAt = (of: Outing, minute: number): number => simulateOuting(of).series.heatDebtWhPerM2[minute]!;

describe("heat among the changes", () => {
  it("opens packs as one leaves, and runs what is electric through the still part with a reserve left", () => {
    expect(usualHeat(outing, corePiece("toePacks").heat!)).toEqual([{ fromMinute: 0, toMinute: total, level: 1 }]);
    const source = corePiece("heatedVest").heat!;
    const [span] = usualHeat(outing, source);
    expect(span).toMatchObject(still);
    if (source.kind !== "electric") throw new Error("the vest is electric");
    const usedWh = source.levelsW[span!.level - 1]! * ((still.toMinute - still.fromMinute) / 60);
    expect(usedWh).toBeLessThan(0.8 * source.batteryWh);
    const [tired] = usualHeat(outing, { ...source, batteryWh: 1 });
    expect(tired!.level).toBe(1);
  });

  it("offers packs that lie at home, and puts them under all that covers the same parts", () => {
    const change = heatAndDryChanges(outing, [corePiece("toePacks")]).find(({ kind }) => kind === "heatIn")!;
    const after = change.apply(outing);
    const own = after.wearings.find(({ pieceId }) => pieceId === "toePacks")!;
    const socks = outing.wearings.filter(({ pieceId }) => /sock/i.test(pieceId));
    for (const { rank } of socks) expect(own.rank).toBeLessThanOrEqual(rank);
    expect(after.pieces.some(({ id }) => id === "toePacks")).toBe(true);
    expect(change.addedMassG).toBe(corePiece("toePacks").massG);
  });

  it("switches on a heated vest that is worn and off, which leaves less heat debt; not one that runs already", () => {
    const change = heatAndDryChanges(inVest, []).find(({ kind }) => kind === "heatOn")!;
    const on = change.apply(inVest);
    expect(change.addedMassG).toBe(0);
    expect(debtAt(on, 280)).toBeLessThan(debtAt(inVest, 280));
    expect(heatAndDryChanges(on, []).some(({ kind }) => kind === "heatOn")).toBe(false);
  });

  it("offers dry things on arrival only to who walks in, like for like, taking the worn one off", () => {
    const fresh = { ...corePiece("heavySock"), id: "dry socks" };
    const change = heatAndDryChanges(outing, [fresh]).find(({ kind }) => kind === "changeOnArrival")!;
    const after = change.apply(outing);
    const worn = change.pieceIds[1]!;
    expect(after.wearings.filter(({ pieceId }) => pieceId === worn).every(({ toMinute }) => toMinute <= 60)).toBe(true);
    expect(after.wearings.find(({ pieceId }) => pieceId === "dry socks")).toMatchObject({ fromMinute: 60 });
    const rides = { ...outing, phases: outing.phases.slice(1) };
    expect(heatAndDryChanges(rides, [fresh]).some(({ kind }) => kind === "changeOnArrival")).toBe(false);
    expect(heatAndDryChanges(outing, [corePiece("downParka")]).some(({ kind }) => kind === "changeOnArrival")).toBe(
      false,
    );
  });

  it("lays a pack next to the skin where nothing is worn, its mass unknown when it is not told", () => {
    const bare: Outing = { ...outing, wearings: [] };
    const { massG: _massG, ...pack } = corePiece("toePacks");
    const change = heatAndDryChanges(bare, [pack]).find(({ kind }) => kind === "heatIn")!;
    expect(change.addedMassG).toBeNull();
    expect(change.apply(bare).wearings).toMatchObject([{ pieceId: "toePacks", rank: 0 }]);
  });
});
