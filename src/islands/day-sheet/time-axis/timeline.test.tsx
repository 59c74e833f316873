import { totalMinutes } from "@/core/outing";
import { estimatedHeadline } from "@/core/range";
import { describe, expect, it } from "vitest";
import { rendered, type Rendered } from "../../../../tests/rendered";
import { sampleView } from "../../../../tests/sample-view";
import { simulateOuting } from "@/core/simulation";
import { minutesRange } from "@/core/range";
import { DEFAULT_PREFERENCES } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { PHASE_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { Timeline } from "./timeline";

const view = sampleView();
const result = simulateOuting(viewToOuting(view));
const total = totalMinutes(view.phases);
const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);

type Shown = Partial<Parameters<typeof Timeline>[0]>;
const drawn = (own: OutingView = view, props: Shown = {}): Rendered =>
  rendered(
    <Timeline
      view={own}
      result={result}
      shown={result && { headline: estimatedHeadline(result.sits[result.decidingSit]!, 1), isEstimated: true }}
      ratio={1}
      trial={null}
      bands={null}
      preferences={DEFAULT_PREFERENCES}
      selection={null}
      minute={100}
      heldMinutes={null}
      onSelect={() => undefined}
      {...props}
    />,
  );

describe("the time axis", () => {
  it("names every hour with what it brings, in the units chosen", () => {
    const { names } = drawn();
    const hours = names.filter((name) => name.startsWith("Hour "));
    const within = view.weather.filter(({ at }) => Date.parse(at) <= Date.parse(instantAt(view.startsAt, total)));
    expect(hours.length).toBeGreaterThan(0);
    expect(hours.length).toBeLessThanOrEqual(within.length);
    expect(hours.join()).toContain("°C, wind ");
    const inFahrenheit = drawn(view, { preferences: { ...DEFAULT_PREFERENCES, temperature: "F", wind: "km/h" } });
    expect(inFahrenheit.names.join()).toMatch(/Hour .*°F, wind [\d.]+ km\/h/);
  });

  it("names every phase by its kind, length and posture", () => {
    const { names } = drawn();
    view.phases.forEach(({ kind, posture }, index) => {
      const own = names.find((name) => name.startsWith(`Phase ${index + 1}, ${PHASE_WORDS[kind]}: `));
      expect(own?.endsWith(posture)).toBe(true);
    });
  });

  it("names every piece worn by its lane and when it is on", () => {
    const { names } = drawn();
    const piece = new Map(view.kit.map(({ id, name }) => [id, name]));
    for (const { pieceId, side, fromMinute, toMinute } of view.wearings) {
      const own = side === "both" ? piece.get(pieceId) : `${piece.get(pieceId)} · ${side}`;
      expect(names.some((name) => name.endsWith(`: ${own}, on from ${clock(fromMinute)} to ${clock(toMinute)}`))).toBe(
        true,
      );
    }
  });

  it("says at the foot of its line when the sit ends and by what", () => {
    const sit = result.sits[result.decidingSit]!;
    if (sit.verdict.kind !== "ends") throw new Error("the sample ends");
    const end = clock(sit.fromMinute + sit.verdict.crossing.minute);
    expect(
      drawn()
        .all("text")
        .some((text) => text.startsWith(`${end} `)),
    ).toBe(true);
    expect(drawn(view, { result: null }).text).not.toContain(`${end} `);
  });

  it("draws one curve where left and right are alike, two where they differ", () => {
    const texts = drawn().all("text");
    expect(texts.includes("toes") || (texts.includes("toes L") && texts.includes("toes R"))).toBe(true);
    const { digitC } = result.series;
    const apart = {
      ...result,
      series: { ...result.series, digitC: { ...digitC, leftToes: digitC.rightToes.map((own) => own - 3) } },
    };
    const legend = drawn(view, { result: apart }).all("text");
    expect(legend).toContain("toes L");
    expect(legend).toContain("toes R");
    expect(legend).not.toContain("toes");
  });

  it("takes the range and what is being tried into the picture", () => {
    const { bands } = minutesRange(viewToOuting(view), 0, 4);
    const paths = (props: Shown): number => drawn(view, props).all("path").length;
    expect(paths({ bands })).toBe(paths({}) + 3);
    expect(paths({ trial: result })).toBeGreaterThan(paths({}) + 1);
  });

  it("puts the minute looked at on a knob that says the time", () => {
    expect(drawn().names).toContain("Minute looked at");
    expect(drawn(view, { minute: 42 }).text).toContain("at this minute: worn");
  });

  it("says how to begin where nothing is worn", () => {
    expect(drawn({ ...view, wearings: [] }).text).toContain("Nothing is worn yet");
  });

  it("marks what cannot be worn where it is, with the reason", () => {
    const sock = view.kit.filter(({ kind, name }) => kind === "sock" && name.startsWith("Heavy"))[0];
    if (!sock) throw new Error("the sample wears a heavy sock");
    const more = [1, 2].map((copy) => ({ ...sock, id: `${sock.id} ${copy}`, name: `${sock.name} ${copy}` }));
    const worn = view.wearings.find(({ pieceId }) => pieceId === sock.id)!;
    const many: OutingView = {
      ...view,
      kit: [...view.kit, ...more],
      wearings: [
        ...view.wearings,
        ...more.map(({ id }, index) => ({ ...worn, id, pieceId: id, rank: worn.rank + index + 1 })),
      ],
    };
    expect(drawn(many).names.join()).toMatch(/boot.*Problem: too little room with/);
    expect(drawn().names.join()).not.toContain("Problem");
  });
});
