import { describe, expect, it } from "vitest";
import { sampleView } from "../../../../tests/sample-view";
import { atSeatFromMinute, totalMinutes } from "@/core/outing";
import { STARTER_KITS, starterPiece } from "@/core/starter-kit";
import { problemsOfView } from "../outing/problems-of-view";
import { genericKitIn, genericPiece, wornUsually } from "./generic-outfit";

const view = sampleView();

describe("a generic kit in a person's own", () => {
  it("adds what is not there by name and takes what is, each once", () => {
    const own = { ...genericPiece(starterPiece("heavyBoot")), massG: 2222 };
    const { pieces, fresh } = genericKitIn([own], "best");
    expect(pieces.map(({ name }) => name)).toEqual(STARTER_KITS.best.pieces.map(({ name }) => name));
    expect(pieces.find(({ name }) => name === own.name)).toBe(own);
    expect(fresh).toHaveLength(pieces.length - 1);
    expect(genericKitIn(pieces, "best").fresh).toEqual([]);
  });

  it("costs nothing: nobody paid for what is made up", () => {
    for (const { priceMinor, currency } of genericKitIn([], "middle").fresh) {
      expect([priceMinor, currency]).toEqual([null, null]);
    }
  });

  it.each(["middle", "best", "child", "animalFree"] as const)("%s can be worn as it is put on", (key) => {
    const { pieces } = genericKitIn([], key);
    const wearings = wornUsually(pieces, view.phases);
    expect([...problemsOfView({ ...view, kit: pieces, wearings }).values()]).toEqual([]);
    const seat = atSeatFromMinute(view.phases);
    expect(new Set(wearings.map(({ fromMinute }) => fromMinute))).toEqual(new Set([0, seat]));
    expect(wearings.every(({ toMinute }) => toMinute === totalMinutes(view.phases))).toBe(true);
  });
});
