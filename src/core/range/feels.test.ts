import { expect, it } from "vitest";
import { natureByOwnWord } from "../outing";
import { SPREAD } from "./variation";

it("who feels colder or warmer than others lies one standard deviation of the range's own spread off the middle", () => {
  const { basalHeat, digitFlow } = SPREAD;
  expect(natureByOwnWord("cold")).toEqual({ basalHeatFactor: 1 - basalHeat, digitFlowFactor: 1 - digitFlow });
  expect(natureByOwnWord("warm")).toEqual({ basalHeatFactor: 1 + basalHeat, digitFlowFactor: 1 + digitFlow });
  expect(natureByOwnWord()).toEqual({ basalHeatFactor: 1, digitFlowFactor: 1 });
});
