import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import type { BenchSetting } from "@/core/bench";
import { benchLink, footColumnSchema, handColumnSchema, readBenchLink } from "./bench-link";

const setting: BenchSetting = {
  person: sampleOuting().person,
  dress: { pieces: [], wearings: [] },
  airTemperatureC: -12,
  windAtSeatMPerS: 1.5,
  ground: "snow",
  posture: "sitting",
  hours: 4,
};
const column = { boot: "generic heavyBoot", socks: ["a", "b"], footbed: null, gaiter: null, under: null };

describe("a link to a bench", () => {
  it("says what is compared, and nothing of who sits", () => {
    const link = benchLink(setting, [column, { ...column, boot: "é#&?" }]);
    expect(readBenchLink(link, footColumnSchema)).toEqual({
      setting: { airTemperatureC: -12, windAtSeatMPerS: 1.5, ground: "snow", posture: "sitting", hours: 4 },
      columns: [column, { ...column, boot: "é#&?" }],
    });
    expect(decodeURIComponent(link)).not.toMatch(/massKg|heightM|person/);
  });

  it.each([
    "",
    "#",
    "#piece-1",
    "#%7B%22",
    benchLink({ ...setting, airTemperatureC: -300 }, [column]),
    benchLink({ ...setting, ground: "moon" as BenchSetting["ground"] }, [column]),
    benchLink(setting, []),
    benchLink(setting, [column, column, column, column, column]),
    benchLink(setting, [["mitts"]]),
  ])("that cannot be compared in says nothing: %s", (hash) => expect(readBenchLink(hash, footColumnSchema)).toBeNull());

  it("of hands is a list of layers", () =>
    expect(readBenchLink(benchLink(setting, [["glove", "mitt"]]), handColumnSchema)?.columns).toEqual([
      ["glove", "mitt"],
    ]));
});
