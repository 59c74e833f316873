import { describe, expect, it } from "vitest";
import { sampleView } from "../../../../tests/sample-view";
import { hoursDuringPlan } from "./hours-of-plan";

describe("hours of a plan", () => {
  const view = sampleView();
  const [hour] = view.weather;
  const startMs = Date.parse(view.startsAt);
  const at = (hours: number) => ({ ...hour!, at: new Date(startMs + hours * 3_600_000).toISOString() });
  const plan = { ...view, phases: [{ ...view.phases[0]!, minutes: 150 }] };

  it("leave out the evening before and the night after", () => {
    const weather = [at(-6), at(0), at(1), at(2), at(3), at(12)];
    expect(hoursDuringPlan({ ...plan, weather })).toEqual(weather.slice(1, 4));
  });

  it("are all that are known where none falls into it", () => {
    const weather = [at(-6), at(12)];
    expect(hoursDuringPlan({ ...plan, weather })).toEqual(weather);
  });
});
