import { expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { sitSpans } from "../outing";
import { simulateOuting } from "../simulation";
import { pastSitCurves } from "./past-sit";

it("is the simulation of the sit as long as it was, whatever was planned", () => {
  const outing = sampleOuting();
  const { toes, fingers, body } = pastSitCurves(outing, 45);
  expect([toes, fingers, body].map(({ length }) => length)).toEqual([46, 46, 46]);
  const { fromMinute } = sitSpans(outing.phases)[0]!;
  const { digitC, meanSkinC } = simulateOuting(outing).series;
  for (const minute of [0, 20, 45]) {
    const at = fromMinute + minute;
    expect(toes[minute]!).toBeCloseTo(Math.min(digitC.leftToes[at]!, digitC.rightToes[at]!), 1);
    expect(body[minute]!).toBeCloseTo(meanSkinC[at]!, 1);
  }
});
