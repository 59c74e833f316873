import { describe, expect, it } from "vitest";
import { TRADE_CHECKS } from "../../scripts/trade/checks";

// Rules of the trade are common practice without a source: none of them fails a build. What has to hold is that every
// row can be computed, and that a disagreement is not left without the reason found.
describe("trade checks", () => {
  it.each(TRADE_CHECKS.map((check) => [check.name, check] as const))(
    "%s is computed, and explained where it disagrees",
    (_name, check) => {
      const { computed, agrees } = check.compute();
      expect(computed).not.toMatch(/NaN|undefined|Infinity/);
      expect(computed).toMatch(/\d/);
      if (!agrees) expect(check.reason?.length ?? 0).toBeGreaterThan(40);
    },
  );
});
