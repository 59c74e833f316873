import { describe, expect, it } from "vitest";
import { simulateOuting } from "@/core/outing";
import { sampleFile, sampleOuting } from "../../../tests/sample-outing";
import { saveOutingSchema } from "./outing-schema";
import type { OutingView } from "./outing-view";
import { verdictLine } from "./verdict-line";
import { viewToOuting } from "./view-to-outing";

const UUID = "01900000-0000-7000-8000-00000000000";

/** The sample as a browser has it, with two pieces in the kit that nobody wears. */
function sampleView(): OutingView {
  const file = sampleFile();
  const unworn = { ...file.pieces[0]!, name: "spare", massG: null };
  return {
    id: `${UUID}1`,
    version: 1,
    name: file.name,
    invented: true,
    startsAt: file.startsAt,
    person: { id: `${UUID}2`, name: "Runa", ...file.person },
    place: { id: `${UUID}3`, name: "Svartmyra", timeZone: file.timeZone, ...file.place },
    weather: file.weather.map((hour) => ({ ...hour, airTemperatureTyped: null, windTyped: null })),
    phases: file.phases.map(({ spot: _spot, ...phase }, place) => ({ id: `${UUID}${place}`, ...phase })),
    wearings: file.wearings.map((wearing, place) => ({ id: String(place), ...wearing })),
    kit: [{ ...unworn, id: "spare" }, ...file.pieces.map((piece) => ({ ...piece, massG: 100 }))],
  };
}

describe("a view", () => {
  it("becomes the same outing as the file, without what is not worn", () => {
    const outing = viewToOuting(sampleView());
    expect(outing.pieces.map(({ id }) => id)).not.toContain("spare");
    expect(simulateOuting(outing).sits).toEqual(simulateOuting(sampleOuting()).sits);
  });

  it("is judged in a line", () => {
    expect(verdictLine(simulateOuting(sampleOuting()))).toMatchObject({
      kind: "ends",
      limit: "toes",
      side: "both",
      plannedMinutes: 240,
      sitFromMinute: 60,
    });
  });
});

describe("what may be saved", () => {
  const view = sampleView();
  const wanted = {
    version: 1,
    weather: view.weather,
    phases: view.phases,
    wearings: [{ id: `${UUID}7`, pieceId: `${UUID}8`, side: "left", rank: 10, fromMinute: 0, toMinute: 30 }],
  };

  it("is what the sheet holds", () => {
    expect(saveOutingSchema.safeParse(wanted).error).toBeUndefined();
  });

  it.each([
    ["an hour named twice", { weather: [view.weather[0], view.weather[0]] }],
    ["no sit", { phases: [wanted.phases[0]] }],
    [
      "more minutes than an outing may have",
      { phases: [...wanted.phases, ...wanted.phases.map((phase) => ({ ...phase, minutes: 1440 }))] },
    ],
    ["a version below one", { version: 0 }],
    ["something else besides", { owner: "me" }],
  ])("is not %s", (_what, change) => {
    expect(saveOutingSchema.safeParse({ ...wanted, ...change }).success).toBe(false);
  });
});
