import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { leastMinutesStill } from "../limits";
import { sitSpans, type Outing } from "../outing";
import { simulateOuting } from "../simulation";
import { inWeather } from "./in-weather";
import { reachOf } from "./reach";
import { cellsOf, MOST_GAIN_OF_COLDER, REACH_AXES, WIND_PLACES, type ReachCell } from "./reach-grid";

/** The sample outing up to the end of its first sit. */
const single = (): Outing => {
  const outing = sampleOuting();
  return { ...outing, phases: outing.phases.slice(0, outing.phases.findIndex(({ kind }) => kind === "sit") + 1) };
};

/** The answer of the outing with its weather written by hand, as the outing tool gives it. */
function alone(outing: Outing, { airTemperatureC, windMPerS }: ReachCell): Pick<ReachCell, "minutesStill" | "limit"> {
  const weather = outing.weather.map((hour) => ({ ...hour, airTemperatureC, windMPerS, radiantTemperatureC: null }));
  const { sits, decidingSit } = simulateOuting({ ...outing, weather });
  const { verdict } = sits[decidingSit]!;
  return verdict.kind === "longerThan"
    ? { minutesStill: null, limit: null }
    : { minutesStill: leastMinutesStill(verdict), limit: verdict.crossing.limit };
}

describe("a map", () => {
  it("reaches from +10 to -40 °C and from calm to 12 m/s, in at least 24 by 16 cells", () => {
    const { airTemperaturesC, windsMPerS } = REACH_AXES;
    expect([airTemperaturesC[0], airTemperaturesC.at(-1)]).toEqual([10, -40]);
    expect([windsMPerS[0], windsMPerS.at(-1)]).toEqual([0, 12]);
    expect(airTemperaturesC.length).toBeGreaterThanOrEqual(24);
    expect(windsMPerS.length).toBeGreaterThanOrEqual(16);
    expect(cellsOf(REACH_AXES)).toHaveLength(airTemperaturesC.length * windsMPerS.length);
  });

  it.each([
    ["one sit", single()],
    ["two sits", sampleOuting()],
  ])("equals the outing itself in every tenth cell, to the minute: %s", (_how, outing) => {
    expect(sitSpans(outing.phases).length).toBeGreaterThan(0);
    const tenth = cellsOf(REACH_AXES).filter((_, index) => index % 10 === 0);
    const cells = reachOf(outing, tenth, "tenMetres");
    expect(cells).toHaveLength(tenth.length);
    for (const cell of cells) {
      const { minutesStill, limit } = cell;
      expect({ minutesStill, limit }, JSON.stringify(cell)).toEqual(alone(outing, cell));
    }
  });

  it("holds what is measured at the seat past the body of who sits, whatever stands around", () => {
    const outing = single();
    const open = { ...outing, place: { ...outing.place, shelter: "openIce" as const } };
    const hidden = { ...outing, place: { ...outing.place, shelter: "edgeOfWood" as const } };
    const sit = (own: Outing) => inWeather(own, { airTemperatureC: -8, windMPerS: 3 }, "seat").phases.at(-1)!.spot;
    expect(sit(open)).toEqual({ relativeWindMPerS: 3 });
    expect(sit(hidden)).toEqual(sit(open));
  });
});

describe("laws", () => {
  const minutes = ({ minutesStill }: ReachCell): number => minutesStill ?? Infinity;
  const mostBeside = (cell: ReachCell): number =>
    minutes(cell) * (1 + MOST_GAIN_OF_COLDER.share) + MOST_GAIN_OF_COLDER.minutes;

  it.each(WIND_PLACES)("colder or windier never lasts longer, wind measured at %s", (windPlace) => {
    const axes = { airTemperaturesC: [6, 0, -6, -12, -18, -24], windsMPerS: [0, 2.4, 4.8, 9.6] };
    const cells = reachOf(single(), cellsOf(axes), windPlace);
    const columns = axes.windsMPerS.length;
    cells.forEach((cell, index) => {
      const [colder, windier] = [cells[index + columns], cells[index + 1]];
      if (colder) expect(minutes(colder), JSON.stringify([cell, colder])).toBeLessThanOrEqual(mostBeside(cell));
      if (windier?.airTemperatureC === cell.airTemperatureC)
        expect(minutes(windier), JSON.stringify([cell, windier])).toBeLessThanOrEqual(mostBeside(cell));
    });
  });
});
