import { describe, expect, it } from "vitest";
import { boundText, leftWords, outfitName } from "./dresser-words";

const nameOf = (id: string): string => `the ${id}`;
const left = { pieceId: "hat", addedMinutes: 12, addedG: 300, insteadOf: [] };

describe("words of what was found", () => {
  it("names outfits by why they are shown, others by their turn", () => {
    expect(outfitName({ picks: ["warmest", "lightestThatDoes"] }, 4)).toBe("Lightest that does it, warmest");
    expect(outfitName({ picks: [] }, 4)).toBe("Outfit 5");
  });

  it("says why a piece stays at home: what it would add, weigh, and what it would take the place of", () => {
    expect(leftWords(left, nameOf)).toBe("adds 12 minutes, 300 g more");
    expect(leftWords({ ...left, addedMinutes: -1, addedG: -40, insteadOf: ["cap"] }, nameOf)).toBe(
      "costs 1 minute, 40 g less, instead of the cap",
    );
    expect(leftWords({ ...left, addedMinutes: 0, addedG: 0 }, nameOf)).toBe("adds nothing");
    expect(leftWords({ ...left, addedMinutes: null }, nameOf)).toMatch(/does not go with the rest/);
  });

  it("says of what was not simulated further no more than that", () => {
    expect(boundText({ kind: "longerThan", minutes: 600 })).toBe("over 10 h 00");
    expect(boundText({ kind: "minutes", minutes: 42 })).toBe("42 min");
  });
});
