import { describe, expect, it } from "vitest";
import { DEFAULT_PREFERENCES } from "../preferences";
import { differenceWords, issuedWords, minutesChangeWords } from "./forecast-words";
import { partyWords, weakest, type Sitting } from "./party-words";
import { rhythmWords } from "./card-words";
import { untilText } from "../time";
import type { ForecastHourView, ForecastView } from "../../wire/evening/forecast-view";
import type { OutingView, VerdictLine } from "../../wire/outing/outing-view";

const verdict = (minutesStill: number, change: Partial<VerdictLine> = {}): VerdictLine => ({
  kind: "ends",
  minutesStill,
  lowMinutes: null,
  highMinutes: null,
  standardMinutes: null,
  plannedMinutes: 240,
  sitFromMinute: 60,
  limit: "toes",
  part: "toes",
  side: "left",
  ...change,
});
const hour = (change: Partial<ForecastHourView>): ForecastHourView => ({
  at: "2027-03-27T04:00:00.000Z",
  airTemperatureC: -8,
  windMPerS: 3,
  relativeHumidityPercent: 80,
  cloudShare: 0.5,
  precipitationMm: 0,
  airSpreadK: 1,
  windSpreadShare: 0.1,
  ...change,
});
const forecast = (change: Partial<ForecastHourView>): ForecastView => ({
  service: "A service",
  invented: true,
  issuedAt: "2027-03-26T18:00:00.000Z",
  isUsualWeather: false,
  hours: [hour(change)],
});
const planned = { weather: [{ ...hour({}), radiantTemperatureC: null }] } as unknown as OutingView;

describe("a newer forecast", () => {
  it("is told by what a person would dress otherwise for", () => {
    const words = (change: Partial<ForecastHourView>, units = DEFAULT_PREFERENCES): string =>
      differenceWords(planned, forecast(change), units);
    expect(words({ airTemperatureC: -10.5, windMPerS: 5, precipitationMm: 1 })).toBe(
      "2.5 °C colder, wind 2 m/s more, 1 mm more rain or snow",
    );
    expect(words({ airTemperatureC: -7.8 })).toBe("much the same");
    expect(words({ airTemperatureC: -6 }, { ...DEFAULT_PREFERENCES, temperature: "F" })).toBe("3.6 °F warmer");
    expect(words({ at: "2027-03-28T04:00:00.000Z", airTemperatureC: 20 })).toBe("much the same");
  });

  it("says who issued it, by the clock of the place, and what it does", () => {
    expect(issuedWords(forecast({}), "Europe/Oslo")).toBe("A service, issued Fri 26 March 2027, 19:00");
    expect(minutesChangeWords(verdict(180), verdict(156))).toBe("24 min fewer still: 2 h 36");
    expect(minutesChangeWords(verdict(180), verdict(245))).toBe("1 h 05 more still: 4 h 05");
    expect(minutesChangeWords(verdict(180), verdict(180))).toBe("as many minutes still");
  });
});

describe("a party", () => {
  const sitter = (personName: string, own: VerdictLine | null): Sitting => ({
    id: personName,
    isRecomputing: false,
    personName,
    verdict: own,
  });

  it("leaves when its first must", () => {
    const party = [sitter("Runa", verdict(200)), sitter("Eskil", verdict(150)), sitter("Tove", null)];
    expect(weakest(party)!.personName).toBe("Eskil");
    expect(partyWords(party, "2027-03-27T02:50:00.000Z", "Europe/Oslo")).toBe(
      "The party leaves when its first must: Eskil, left toes, 07:20.",
    );
  });

  it("says so where nothing ends it for anybody", () => {
    const party = [sitter("Runa", verdict(600, { kind: "longerThan", limit: null, part: null, side: null }))];
    expect(weakest(party)).toBeNull();
    expect(partyWords(party, "2027-03-27T02:50:00.000Z", "Europe/Oslo")).toMatch(/^Nothing/);
  });
});

describe("on the card", () => {
  it("what comes again and again is told in one line", () => {
    const own = {
      kind: "task",
      minutes: 4,
      firstAfterMinutes: 20,
      posture: "sitting",
      activityRatio: 1.5,
      walkSpeedMPerS: 0,
    } as const;
    expect(rhythmWords({ ...own, everyMinutes: 40, hands: "both" })).toBe(
      "task, both hands: 4 min every 40 min, first after 20 min",
    );
    expect(rhythmWords({ ...own, kind: "break", everyMinutes: null })).toBe(
      "move to get warm: 4 min once, after 20 min",
    );
  });

  it("time until something is told in days when it is far", () => {
    expect([untilText(35), untilText(200), untilText(47 * 60), untilText(72 * 60)]).toEqual([
      "35 min",
      "3 h 20",
      "47 h 00",
      "3 days",
    ]);
  });
});
