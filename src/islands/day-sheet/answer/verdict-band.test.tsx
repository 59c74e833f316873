import { describe, expect, it } from "vitest";
import { rendered, type Rendered } from "../../../../tests/rendered";
import { sampleView } from "../../../../tests/sample-view";
import type { OutingResult } from "@/core/simulation";
import { simulateOuting } from "@/core/simulation";
import { estimatedHeadline, headlineOf, minutesRange, type MinutesBound, type MinutesRange } from "@/core/range";
import { DEFAULT_PREFERENCES } from "@/formats/display/preferences";
import type { ShownHeadline } from "@/stores/answer/headline";
import { clockText, durationText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { VerdictBand } from "./verdict-band";

/** The figure told first, as the sheet has it: by its range where there is one. */
function shownOf(result: OutingResult, range: MinutesRange | null, ratio: number): ShownHeadline {
  const sit = result.sits[result.decidingSit]!;
  return range
    ? { headline: headlineOf(sit, range), isEstimated: false }
    : { headline: estimatedHeadline(sit, ratio), isEstimated: true };
}
const told = (view: OutingView, result: OutingResult | null, range: MinutesRange | null = null, ratio = 1): Rendered =>
  rendered(
    <VerdictBand
      view={view}
      result={result}
      shown={result && shownOf(result, range, ratio)}
      range={range}
      ratio={ratio}
      preferences={DEFAULT_PREFERENCES}
      before={null}
    />,
  );
const simulated = (view: OutingView): OutingResult => simulateOuting(viewToOuting(view));
const withAir = (view: OutingView, airTemperatureC: number): OutingView => ({
  ...view,
  weather: view.weather.map((hour) => ({ ...hour, airTemperatureC })),
});

describe("the verdict", () => {
  const view = sampleView();
  const result = simulated(view);
  const sit = result.sits[result.decidingSit]!;

  it("says how long, until when by the outing's clock, what ends it and what would next", () => {
    if (sit.verdict.kind !== "ends") throw new Error("the sample ends");
    const { minutesStill, runnerUp } = sit.verdict;
    const { text } = told(view, result);
    const clock = (minute: number): string =>
      clockText(instantAt(view.startsAt, sit.fromMinute + minute), view.place.timeZone);
    expect(text).toContain(durationText(minutesStill));
    expect(text).toContain(`until ${clock(minutesStill)}`);
    expect(text).toContain(`next: `);
    expect(text).toContain(`at ${clock(runnerUp!.minute)}`);
  });

  it("holds it against the time planned", () => {
    const planned = sit.toMinute - sit.fromMinute;
    const minutes = sit.verdict.kind === "ends" ? sit.verdict.minutesStill : NaN;
    expect(told(view, result).text).toContain(
      `${durationText(planned - minutes)} short of the ${durationText(planned)}`,
    );
    const short = {
      ...view,
      phases: view.phases.map((phase) => (phase.kind === "sit" ? { ...phase, minutes: 20 } : phase)),
    };
    const { sits, decidingSit } = simulated(short);
    const { fromMinute, toMinute } = sits[decidingSit]!;
    expect(told(short, simulated(short)).text).toContain(
      `enough for the ${durationText(toMinute - fromMinute)} planned`,
    );
  });

  it("says that nothing ends it on a mild day, and how far was looked", () => {
    const mild = withAir(view, 22);
    const { text } = told(mild, simulated(mild));
    expect(text).toMatch(/over \d+ h/);
    expect(text).toContain("nothing ends it");
    expect(text).toContain("and then not computed further");
  });

  it("says that somebody arrives too cold", () => {
    const naked = { ...withAir(view, -35), wearings: [] };
    const { text } = told(naked, simulated(naked));
    expect(text).toContain("arrives too cold");
    expect(text).toContain("cold too cold on arrival");
  });

  it("says of whom the figures are extrapolated", () => {
    const child = { ...view, person: { ...view.person, ageYears: 12, bodyMassKg: 40, heightCm: 150 } };
    expect(told(child, { ...result, extrapolated: true }).text).toContain("extrapolated");
    expect(told(view, result).text).not.toContain("extrapolated");
  });

  it("is estimated in the proportion of the last range until its own is known, then the middle of it", () => {
    if (sit.verdict.kind !== "ends") throw new Error("the sample ends");
    const { minutesStill } = sit.verdict;
    expect(told(view, result, null, 0.5).text).toContain(`≈ ${durationText(Math.round(minutesStill / 2))}`);
    const range = minutesRange(viewToOuting(view), 0, 8);
    const { text } = told(view, result, range);
    expect(text).not.toContain("≈");
    expect(text).toContain(`${durationText(range.middle.minutes)} minutes still`);
    expect(text).toContain(`in ${range.endedBy[0]!.members} of 8 cases`);
  });

  it("says what else ends it in other cases where nothing comes next in the single run", () => {
    if (sit.verdict.kind === "longerThan") throw new Error("the sample ends");
    const alone = { ...result, sits: [{ ...sit, verdict: { ...sit.verdict, runnerUp: null } }], decidingSit: 0 };
    const range = minutesRange(viewToOuting(view), 0, 8);
    const first = { ...sit.verdict.crossing, members: 5 };
    const nose = { limit: "face", place: { part: "nose", side: null }, level: "cold", members: 3 } as const;
    const single = { ...range, endedBy: [first] };
    expect(told(view, alone, single).text).toContain("nothing else within the time computed");
    expect(told(view, alone, { ...range, endedBy: [first, nose] }).text).toContain("else nose, in 3 of 8 cases");
  });

  it("tells the standard's heat debt beside it, with its clock time", () => {
    const clock = clockText(instantAt(view.startsAt, sit.fromMinute + sit.standardMinutes!), view.place.timeZone);
    expect(told(view, result).text).toContain(`ISO 11079 would end it at ${clock}`);
  });

  it("tells what is being left and what grazes its limit", () => {
    const place = { part: "fingers", side: "both" } as const;
    const noted: OutingResult = {
      ...result,
      sits: result.sits.map((own) => ({
        ...own,
        recoveries: [{ limit: "fingers", level: "hard", place, backAfterMinutes: 12 }],
        graze: {
          limit: "face",
          level: "cold",
          place: { part: "nose", side: null },
          value: 7.1,
          fromMinute: 30,
          toMinute: 120,
        },
      })),
    };
    const { text } = told(view, noted);
    expect(text).toContain("fingers back in 12 min");
    expect(text).toContain("nose stays about 7 °C, along the limit");
  });

  it("waits for its range, then tells it, however far it goes", () => {
    expect(told(view, result).text).toContain("range …");
    const range = minutesRange(viewToOuting(view), 0, 8);
    expect(told(view, result, range).text).toContain(
      `range ${durationText(range.low.minutes)} – ${range.high.kind === "longerThan" ? "over " : ""}${durationText(range.high.minutes)}`,
    );
    const bounded = (low: MinutesBound, high: MinutesBound): string => told(view, result, { ...range, low, high }).text;
    const ends = (minutes: number): MinutesBound => ({ kind: "minutes", minutes });
    const beyond: MinutesBound = { kind: "longerThan", minutes: 600 };
    expect(bounded(ends(0), ends(50))).toContain("range too cold on arrival – 50 min");
    expect(bounded(ends(90), beyond)).toContain("range 1 h 30 – over 10 h 00");
    expect(bounded(beyond, beyond)).toContain("range over 10 h 00 ");
  });

  it("shows what was last computed until the page has computed", () => {
    const before = { kind: "ends", minutesStill: 75, part: "toes", side: "left", limit: "toes" } as never;
    const waiting = rendered(
      <VerdictBand
        view={view}
        result={null}
        shown={null}
        range={null}
        ratio={1}
        preferences={DEFAULT_PREFERENCES}
        before={before}
      />,
    );
    expect(waiting.text).toContain("1 h 15");
    expect(waiting.text).toContain("as last computed");
    expect(told(view, null).text).toContain("no verdict yet");
  });
});
