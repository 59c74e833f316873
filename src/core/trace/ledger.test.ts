import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { SITE_INDEX } from "../patches";
import { replayTo, simulateOuting } from "../simulation";
import { sitSpans, type Outing } from "../outing";
import { headShare } from "./head-share";
import { lookAt } from "./ledger";

const outing = sampleOuting();
const sit = sitSpans(outing.phases)[0]!;

/** Heat content of the body at a minute, J, from the temperatures and capacities alone. */
function heatContentJ(of: Outing, minute: number): number {
  const { body } = replayTo(of, sit, minute).sitter;
  return body.temperatureC.reduce(
    (sum, temperatureC, node) => sum + temperatureC * body.parameters.capacityJPerK[node]!,
    0,
  );
}

describe("the ledger of a minute", () => {
  it.each([100, 150, 220])("closes against the heat the body holds before and after minute %d", (minute) => {
    const { storedW } = lookAt(outing, minute).ledger;
    const gainedW = (heatContentJ(outing, minute) - heatContentJ(outing, minute - 1)) / 60;
    // The digits hold a little heat of their own, and losses are taken at the end of the implicit step.
    expect(Math.abs(storedW - gainedW)).toBeLessThan(3);
  });

  it("tells what is made as the curves do", () => {
    const { heatMadeW } = simulateOuting(outing).series;
    // A look at a minute steps to that minute; the curves may have stepped over it.
    expect(Math.abs(lookAt(outing, 150).ledger.madeW - heatMadeW[150]!)).toBeLessThan(0.05);
  });

  it("gives all to the air and nothing to the sky where surroundings are as warm as skin", () => {
    const warm = { ...outing, weather: outing.weather.map((hour) => ({ ...hour, radiantTemperatureC: 33 })) };
    const [cold, sunny] = [lookAt(outing, 150).ledger, lookAt(warm, 150).ledger];
    expect(sunny.radiationW).toBeLessThan(0);
    expect(cold.radiationW).toBeGreaterThan(0);
    expect(sunny.convectionW).toBeGreaterThan(cold.convectionW);
  });

  it("loses to the ground only where something rests", () => {
    const { sites, ledger } = lookAt(outing, 150);
    expect(sites[SITE_INDEX.seat!]!.touches).toBe(true);
    expect(sites[SITE_INDEX.chest!]!.touches).toBe(false);
    const touching = sites.filter(({ touches }) => touches).reduce((sum, { lostW }) => sum + lostW, 0);
    expect(ledger.contactW).toBeCloseTo(touching, 9);
  });
});

describe("the head's share", () => {
  it("is near its share of the skin when all is bare, more beside a dressed body, and never most", () => {
    const bare: Outing = { ...outing, wearings: [] };
    const bareHead: Outing = {
      ...outing,
      wearings: outing.wearings.filter(({ pieceId }) =>
        outing.pieces.some(({ id, kind }) => id === pieceId && kind !== "headwear" && kind !== "neckwear"),
      ),
    };
    const [alone, dressed] = [headShare(lookAt(bare, 60)), headShare(lookAt(bareHead, 60))];
    expect(alone.ofLoss / alone.ofSkin).toBeGreaterThan(0.6);
    expect(alone.ofLoss / alone.ofSkin).toBeLessThan(2);
    expect(dressed.ofLoss).toBeGreaterThan(alone.ofLoss);
    expect(dressed.ofLoss).toBeLessThan(0.5);
    const { sites, ...look } = lookAt(bare, 60);
    expect(headShare({ ...look, sites: sites.map((site) => ({ ...site, lostW: 0 })) }).ofLoss).toBe(0);
  });
});
