import { estimatedHeadline } from "@/core/range";
import { afterEach, describe, expect, it } from "vitest";
import { rendered } from "../../../../tests/rendered";
import { sampleView } from "../../../../tests/sample-view";
import { whatBuysMinutes } from "@/core/changes";
import { DIGITS } from "@/core/digits";
import { dayRun } from "@/core/day";
import { cautionsOf, goOrStay, standardOpinion } from "@/core/opinion";
import { simulateOuting, WET_PARTS } from "@/core/simulation";
import { lookAt, traceVerdict } from "@/core/trace";
import { windShareAtSeat } from "@/core/weather";
import { temperatureText } from "@/formats/display/numbers";
import { DEFAULT_PREFERENCES } from "@/formats/display/preferences";
import { clockText, durationText } from "@/formats/display/time";
import { DIGIT_WORDS, STATE_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { $look, $opinion, $worths } from "@/stores/answer/derived-results";
import { $computed, $view } from "@/stores/sheet/day-sheet";
import { BesideAnswer } from "./beside-answer";
import { Cautions } from "./cautions";
import { CurvesTable } from "../time-axis/curves/curves-table";
import { Ledger } from "./ledger";
import { minuteShown } from "../time-axis/minute-shown";
import { PartySection } from "../party";
import { ReadOut } from "../time-axis/read-out";
import { Sitter } from "./sitter";
import { WhatBuysMinutes } from "./what-buys-minutes";

const view = sampleView();
const outing = viewToOuting(view);
const result = simulateOuting(outing);
const sit = result.sits[result.decidingSit]!;
const MINUTE = 150;
const shown = { view, result, minute: MINUTE, preferences: DEFAULT_PREFERENCES };
const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
const inFahrenheit = { ...DEFAULT_PREFERENCES, temperature: "F", wind: "km/h" } as const;

afterEach(() => {
  for (const atom of [$look, $opinion, $worths]) atom.set(null);
  $view.set(null);
  $computed.set({ kind: "computing", result: null });
});

describe("the minute read out", () => {
  it("is the one chosen, else the one at which the sit ends, and never beyond what is computed", () => {
    const answered = { headline: estimatedHeadline(sit, 0.9), isEstimated: true };
    expect(minuteShown(result, answered, 42)).toBe(42);
    expect(minuteShown(result, answered, null)).toBe(sit.fromMinute + answered.headline.minutes);
    expect(minuteShown(result, answered, 99_999)).toBe(result.series.minutes);
    expect([minuteShown(null, null, 7), minuteShown(null, null, null)]).toEqual([7, 0]);
  });

  it("is told in figures, in the units chosen", () => {
    const { text } = rendered(<ReadOut {...shown} />);
    expect(text).toContain(`At ${clock(MINUTE)}`);
    for (const digit of DIGITS) {
      expect(text).toContain(`${DIGIT_WORDS[digit]} ${temperatureText(result.series.digitC[digit][MINUTE]!, "C")}`);
    }
    const other = rendered(<ReadOut {...shown} preferences={inFahrenheit} />).text;
    expect(other).toContain(temperatureText(result.series.digitC.leftToes[MINUTE]!, "F"));
    expect(other).toMatch(/wind past the body [\d.]+ km\/h/);
  });

  it("is told of every part of the sitter by name, degree and state", () => {
    const { names } = rendered(<Sitter {...shown} />);
    const parts = names.filter((name) => name.includes("°C"));
    const states = Object.values(STATE_WORDS);
    expect(parts.length).toBeGreaterThan(40);
    expect(parts.every((name) => states.some((state) => name.endsWith(`, ${state}`)))).toBe(true);
    const toes = temperatureText(result.series.digitC.leftToes[MINUTE]!, "C");
    expect(parts.some((name) => name.startsWith(`left toes: ${toes}`))).toBe(true);
    expect(names).toContain(`Sitter at ${clock(MINUTE)}`);
  });

  it("shows where its heat comes from and goes to, once it is looked at", () => {
    expect(rendered(<Ledger minute={0} />).text).toContain("The outing has not begun.");
    expect(rendered(<Ledger minute={MINUTE} />).text).toContain("looking at the minute …");
    $look.set(lookAt(outing, MINUTE));
    const { text } = rendered(<Ledger minute={MINUTE} />);
    const [from, to] = text
      .split("To:")
      .map((part) => [...part.matchAll(/ (\d+) W/g)].reduce((sum, [, own]) => sum + Number(own), 0));
    expect(text).toContain("made at rest and by work");
    expect(from).toBeGreaterThan(50);
    expect(Math.abs(from! - to!)).toBeLessThanOrEqual(5); // each rounded to a watt
  });

  it("is one of a table's rows, a row every quarter of an hour", () => {
    const { rows } = rendered(<CurvesTable {...shown} isOpen onClose={() => undefined} />);
    const [head, ...body] = rows;
    expect(head).toHaveLength(1 + DIGITS.length + 1 + WET_PARTS.length + 2);
    expect(body.map(([at]) => at)).toEqual(
      Array.from({ length: Math.floor(result.series.minutes / 15) + 1 }, (_, row) => clock(15 * row)),
    );
    expect(body[10]![1]).toBe(temperatureText(result.series.digitC[DIGITS[0]][MINUTE]!, "C"));
  });
});

describe("what stands beside the answer", () => {
  const beside = () => rendered(<BesideAnswer preferences={DEFAULT_PREFERENCES} isReady />);

  it("waits for the standard, then gives its opinion in a line and the way to the why", () => {
    $view.set(view);
    expect(beside().text).toContain("the standard’s opinion …");
    const standard = standardOpinion(outing, sit);
    $opinion.set({
      sentence: standard.comparison.sentence,
      advice: goOrStay(sit, standard),
      run: dayRun(outing.weather, windShareAtSeat(outing.place.shelter, outing.place.seatHeightM)),
      cautions: cautionsOf(outing),
    });
    expect(beside().text).toContain(standard.comparison.sentence);
    expect(beside().buttons).toContain("Why this number");
    expect(rendered(<BesideAnswer preferences={DEFAULT_PREFERENCES} isReady={false} />).buttons).toEqual([]);
  });

  it("ranks what buys minutes by what it buys, with what it weighs", () => {
    const ranked = () => rendered(<WhatBuysMinutes view={view} />);
    expect(ranked().text).toContain("trying every single change …");
    const worths = whatBuysMinutes(outing, result.decidingSit, kitOf(view));
    $worths.set(worths);
    const useful = worths.filter(({ gainedMinutes, change }) => gainedMinutes > 0 && change.kind !== "practice");
    expect(useful.length).toBeGreaterThan(0);
    const gains = [...ranked().text.matchAll(/\+(\d+) min/g)].map(([, minutes]) => Number(minutes));
    expect(gains).toEqual(useful.slice(0, 4).map(({ gainedMinutes }) => gainedMinutes));
    expect(gains).toEqual([...gains].sort((one, other) => other - one));
    $worths.set([]);
    expect(ranked().text).toContain("No single change of this kit and plan gains a minute.");
  });

  it("tells who else sits, and whose time the party goes by", () => {
    const own = { id: view.id, personName: "Runa", verdict: null };
    const friend = {
      id: "friend",
      personName: "Eskil",
      verdict: { kind: "ends", limit: "toes", part: "toes", side: "left", minutesStill: 61, plannedMinutes: 240 },
    };
    const party = (sitters: readonly object[]) =>
      rendered(<PartySection view={view} party={{ sitters: sitters as never, others: [] }} />).text;
    expect(party([own])).toContain("cannot be computed");
    $computed.set({ kind: "ready", result, askedAtMs: 0, isDraft: false });
    expect(party([own])).not.toContain("cannot be computed");
    expect(party([own, friend])).toContain(`Eskil${durationText(61)} still, then left toes`);
  });
});

describe("cautions", () => {
  const cautions = (setting: Partial<OutingView["setting"]>): string =>
    rendered(<Cautions view={{ ...view, setting: { ...view.setting, ...setting } }} result={null} />).text;

  it("are always there, and of ice and of heights where they belong", () => {
    const always = cautions({ ground: "snow", seatHeightM: 0 });
    for (const words of ["An estimate", "Never burn anything in a closed hide", "Heat packs never lie on bare skin"]) {
      expect(always).toContain(words);
    }
    expect(always).not.toMatch(/Ice:|harness/);
    expect(cautions({ ground: "ice" })).toContain("does not judge whether it carries");
    expect(cautions({ seatHeightM: 4 })).toContain("harness on and tied from the ground up");
  });

  it("name sweat on arrival where the walk soaks what is worn", () => {
    const words = rendered(<Cautions view={view} result={result} />).text;
    const hot = simulateOuting({
      ...outing,
      phases: outing.phases.map((phase) =>
        phase.kind === "walkIn" ? { ...phase, minutes: 90, activityRatio: 7, effort: undefined } : phase,
      ),
    });
    expect(words).not.toContain("on arrival");
    expect(rendered(<Cautions view={view} result={hot} />).text).toMatch(/(Damp|Wet|Soaked) on arrival/);
  });
});

describe("why this number", () => {
  it("goes from the limit over the heat and the stack to the labels and their sources", async () => {
    const { TraceSteps } = await import("./why-panel");
    const trace = traceVerdict(outing, sit);
    if (trace.kind !== "ended") throw new Error("the sample ends");
    const { text } = rendered(<TraceSteps trace={trace} preferences={DEFAULT_PREFERENCES} />);
    expect(text).toContain("Limit reached:");
    expect(text).toContain(trace.limit.source);
    for (const { pieces } of trace.stacks)
      for (const { name, source } of pieces) {
        expect(text).toContain(name);
        expect(text).toContain(source);
      }
  });
});
