import { afterEach, describe, expect, it } from "vitest";
import { rendered } from "../../../../tests/rendered";
import { sampleView } from "../../../../tests/sample-view";
import { readLabel } from "@/core/labels";
import { simulateOuting } from "@/core/simulation";
import { cloFromInsulation } from "@/core/units";
import { plainNumber } from "@/formats/display/numbers";
import { clockText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import { DEFAULT_PREFERENCES } from "@/formats/display/preferences";
import { TEMPERATURE, WIND } from "@/formats/display/units";
import type { OutingView, PhaseView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { $computed } from "@/stores/sheet/day-sheet";
import { HourEditor } from "./hour-editor";
import { PhaseEditor } from "./phase-editor";
import { PlaceEditor } from "./place-editor";
import { WearingEditor } from "./wearing-editor";
import { WeatherTable } from "../weather/weather-table";

const view = sampleView();
const inFahrenheit = { ...DEFAULT_PREFERENCES, temperature: "F", wind: "mph" } as const;

afterEach(() => $computed.set({ kind: "computing", result: null }));

describe("an hour's editor", () => {
  const hour = view.weather[1]!;
  const editor = (own: OutingView = view, index = 1, preferences = DEFAULT_PREFERENCES) =>
    rendered(<HourEditor view={own} index={index} preferences={preferences} />);

  it("holds air and wind in the units chosen", () => {
    expect(Number(editor().field("Air temperature"))).toBeCloseTo(hour.airTemperatureC, 1);
    expect(Number(editor().field("Wind at 10 m above open ground"))).toBeCloseTo(hour.windMPerS, 1);
    const other = editor(view, 1, inFahrenheit);
    expect(Number(other.field("Air temperature"))).toBeCloseTo(TEMPERATURE.F.fromSi(hour.airTemperatureC), 0);
    expect(Number(other.field("Wind at 10 m above open ground"))).toBeCloseTo(WIND.mph.fromSi(hour.windMPerS), 0);
  });

  it("shows what was typed as it was typed, while its unit is chosen", () => {
    const typed = { ...hour, airTemperatureC: -12.22, airTemperatureTyped: { value: 10, unit: "°F" } };
    const own = { ...view, weather: view.weather.map((other, index) => (index === 1 ? typed : other)) };
    expect(editor(own, 1, inFahrenheit).field("Air temperature")).toBe("10");
    expect(editor(own).field("Air temperature")).toBe("-12.2");
  });

  it("goes to the hours beside it, as far as there are any", () => {
    expect(editor(view, 0).disabled).toEqual(["Earlier hour"]);
    expect(editor(view, view.weather.length - 1).disabled).toEqual(["Later hour"]);
    expect(editor(view, 99).text).toBe("");
  });

  it("says that an unknown sky is left out", () => {
    const clear = { ...view, weather: view.weather.map((own) => ({ ...own, cloudShare: 0.2 })) };
    const unknown = { ...view, weather: view.weather.map((own) => ({ ...own, cloudShare: null })) };
    expect(editor(unknown).text).toContain("sky and sun are left out");
    expect(editor(clear).text).not.toContain("sky and sun are left out");
  });
});

describe("the weather as a table", () => {
  it("is a row of fields for every hour, each named by what and when", () => {
    const { rows, names } = rendered(<WeatherTable view={view} preferences={DEFAULT_PREFERENCES} />);
    expect(rows).toHaveLength(view.weather.length + 1);
    expect(names.filter((name) => name.startsWith("Air temperature at "))).toHaveLength(view.weather.length);
    expect(rows[1]!.slice(1, 3).map(Number)).toEqual([
      Number(view.weather[0]!.airTemperatureC.toFixed(1)),
      Number(view.weather[0]!.windMPerS.toFixed(1)),
    ]);
  });

  it("says when its hours were shaped from a low and a high", () => {
    const shaped = rendered(<WeatherTable view={{ ...view, weatherShaped: true }} preferences={DEFAULT_PREFERENCES} />);
    expect(shaped.text).toContain("shaped from a low and a high");
  });
});

describe("a phase's editor", () => {
  const editor = (own: OutingView, index: number) => rendered(<PhaseEditor view={own} index={index} />);
  const sit = view.phases.findIndex(({ kind }) => kind === "sit");
  const withPhase = (index: number, change: Partial<PhaseView>): OutingView => ({
    ...view,
    phases: view.phases.map((phase, position) => (position === index ? { ...phase, ...change } : phase)),
  });

  it("holds its length, kind and posture", () => {
    const own = editor(view, sit);
    expect(own.field("Minutes")).toBe(String(view.phases[sit]!.minutes));
    expect(own.field("Kind")).toBe("sit");
    expect(own.field("Posture")).toBe(view.phases[sit]!.posture);
  });

  it("tells effort in words with the heat it makes", () => {
    const byClass = editor(withPhase(sit, { effort: { kind: "class", class: "sittingStill" } }), sit);
    expect(byClass.field("Effort")).toBe("sitting still, awake (1.3 times rest)");
    expect(byClass.field("Heat over resting")).toBeNull();
    const stated = editor(withPhase(sit, { effort: undefined, activityRatio: 1.4 }), sit);
    expect(stated.field("Heat over resting")).toBe("1.4");
  });

  it("lets a walk follow the way the place describes", () => {
    const walkIn = {
      distanceM: 2000,
      climbM: 80,
      loadKg: 9,
      terrain: "dirt",
      snowSinkingCm: 0,
      snowshoes: false,
    } as const;
    const walked = { ...withPhase(0, { kind: "walkIn", effort: undefined }), setting: { ...view.setting, walkIn } };
    expect(editor(walked, 0).field("Effort")).toBe("the way walked, as the place says");
  });

  it("tells the heat made on the mean once it is computed", () => {
    expect(editor(view, sit).text).not.toContain("Heat made:");
    const result = simulateOuting(viewToOuting(view));
    $computed.set({ kind: "ready", result, askedAtMs: 0, isDraft: false });
    const [, watts] = /Heat made: (\d+) W/.exec(editor(view, sit).text) ?? [];
    const { heatMadeW } = result.series;
    expect(Number(watts)).toBeGreaterThan(Math.min(...heatMadeW.slice(1)) - 1);
    expect(Number(watts)).toBeLessThan(Math.max(...heatMadeW.slice(1)));
  });

  it("cannot take out the only sit, nor split what is a minute long", () => {
    const only = { ...view, phases: view.phases.filter(({ kind }, index) => kind !== "sit" || index === sit) };
    expect(editor(only, sit).disabled).toContain("Take out");
    expect(editor(view, 0).buttons).toContain("Take out");
    expect(editor(withPhase(0, { minutes: 1 }), 0).disabled).toContain("Split in two");
    expect(editor(view, 99).text).toBe("");
  });
});

describe("the place's editor", () => {
  const editor = (setting: Partial<OutingView["setting"]>) =>
    rendered(<PlaceEditor view={{ ...view, setting: { ...view.setting, ...setting } }} />);

  it("holds shelter, ground, seat, warmth and help in words", () => {
    const own = editor({
      shelter: "insideWood",
      ground: "snow",
      seatHeightM: 3.5,
      refuge: { kind: "hut", minutesAway: 25 },
      coverage: "none",
    });
    expect(own.field("Shelter")).toBe("inside a wood");
    expect(own.field("Feet stand on")).toBe("snow");
    expect(own.field("Height of the seat above ground")).toBe("3.5");
    expect(own.field("Warmth near by")).toBe("a hut");
    expect(own.field("Minutes away on foot")).toBe("25");
    expect(own.field("Telephone coverage")).toBe("none");
  });

  it("asks for the ice where there is some, and says that it does not judge whether it carries", () => {
    const label = "Thickness of the ice (for its warmth alone, not whether it carries)";
    expect(editor({ ground: "ice", iceThicknessM: 0.25 }).field(label)).toBe("25");
    expect(editor({ ground: "dryGround" }).field(label)).toBeNull();
  });

  it("asks how far it is to warmth only where there is some, and for the way only when it is described", () => {
    const bare = editor({ refuge: { kind: "none", minutesAway: 0 }, walkIn: undefined });
    expect(bare.field("Minutes away on foot")).toBeNull();
    expect([bare.field("Describe the way"), bare.field("Distance")]).toEqual(["not ticked", null]);
    const walkIn = {
      distanceM: 2350,
      climbM: 40,
      loadKg: 11,
      terrain: "dirt",
      snowSinkingCm: 5,
      snowshoes: true,
    } as const;
    const described = editor({ walkIn });
    expect(described.field("Distance")).toBe("2.35");
    expect(described.field("Boots sink into snow")).toBe("5");
    expect(described.field("On snowshoes")).toBe("ticked");
  });
});

describe("a piece's editor", () => {
  const editor = (own: OutingView, id: string) => rendered(<WearingEditor view={own} id={id} />);

  it("holds when, in what order and on which side it is worn, and what its label means", () => {
    const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
    for (const { id, pieceId, fromMinute, toMinute, side } of view.wearings) {
      const own = editor(view, id);
      expect([own.field("On at"), own.field("Off at")]).toEqual([clock(fromMinute), clock(toMinute)]);
      expect(own.text).toMatch(/Among the layers.*over .*, under /s);
      expect(own.field("Side")).toBe(side);
      const [reading] = readLabel(view.kit.find((piece) => piece.id === pieceId)!.label);
      expect(own.text).toContain(`${plainNumber(cloFromInsulation(reading!.insulationM2KPerW), 1)} clo`);
    }
  });

  it("says what is wrong with a piece and the way out", () => {
    const boot = view.kit.find(({ kind }) => kind === "footwear")!;
    const worn = view.wearings.find(({ pieceId }) => pieceId === boot.id)!;
    const twice = {
      ...view,
      kit: [...view.kit, { ...boot, id: "other boot", name: "other boot" }],
      wearings: [...view.wearings, { ...worn, id: "again", pieceId: "other boot" }],
    };
    expect(editor(view, worn.id).all("p").join()).not.toContain("This piece");
    expect(editor(twice, "again").text).toContain("This piece ");
  });
});
