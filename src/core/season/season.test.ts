import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { leastMinutesStill } from "../limits";
import { sitSpans, totalMinutes, type Outing } from "../outing";
import { simulateOuting } from "../simulation";
import { dayLight } from "../sun";
import { MS_PER_HOUR, MS_PER_MINUTE } from "../units";
import { datesOf, type SeasonHabit } from "./habit";
import { withSitMinutes } from "../outing";
import { seasonOf, summaryOf } from "./season";
import type { SeasonHour, SeasonSite } from "./season-weather";

const SITE: SeasonSite = { name: "invented", latitudeDeg: 61, longitudeDeg: 12, altitudeM: 300, utcOffsetHours: 1 };
/** Local midnight of 1 January 2027, a Friday. */
const NEW_YEAR_MS = Date.UTC(2027, 0, 1) - MS_PER_HOUR;

/** Invented: colder day by day, and by night. */
const hours = (days: number): SeasonHour[] =>
  Array.from({ length: 24 * days }, (_, hour) => ({
    atMs: NEW_YEAR_MS + hour * MS_PER_HOUR,
    airTemperatureC: 4 - hour / 24 - 3 * Math.cos((2 * Math.PI * (hour - 14)) / 24) * -1,
    windMPerS: 2 + (hour % 7) / 2,
    relativeHumidityPercent: 80,
    cloudShare: (hour % 11) / 10,
    precipitationMm: 0,
  }));

const single = (): Outing => {
  const outing = sampleOuting();
  return { ...outing, phases: outing.phases.slice(0, outing.phases.findIndex(({ kind }) => kind === "sit") + 1) };
};
const HABIT: SeasonHabit = {
  weekdays: [0, 3, 6],
  from: { month: 12, day: 1 },
  to: { month: 1, day: 20 },
  begins: { by: "sunrise", minutes: -45 },
  wantedMinutes: 150,
};

describe("days of a habit", () => {
  it("are its weekdays within its season, over the new year, from so long before sunrise", () => {
    const dates = datesOf(HABIT, SITE, hours(40));
    expect(dates.map(({ date }) => date)).toEqual(
      ["02", "03", "06", "09", "10", "13", "16", "17", "20"].map((day) => `2027-01-${day}`),
    );
    const light = dayLight(Date.UTC(2027, 0, 2, 11), SITE.latitudeDeg, SITE.longitudeDeg);
    expect(light.kind === "day" && light.sunriseMs - dates[0]!.seatAtMs).toBe(45 * MS_PER_MINUTE);
  });

  it("begin by the site's clock where it is asked", () => {
    const [first] = datesOf({ ...HABIT, begins: { by: "clock", minutes: 9 * 60 } }, SITE, hours(3));
    expect(new Date(first!.seatAtMs).toISOString()).toBe("2027-01-02T08:00:00.000Z");
  });
});

describe("a season", () => {
  it("is the outings computed one by one, and its sums are theirs", () => {
    const all = hours(21);
    const { days, withoutWeather } = seasonOf(single(), { site: SITE, hours: all }, HABIT);
    expect(days).toHaveLength(9);
    expect(withoutWeather).toBe(0);
    const plan = withSitMinutes(single(), HABIT.wantedMinutes);
    const [span] = sitSpans(plan.phases);
    let sat = 0;
    for (const day of days) {
      const startsAtMs = day.seatAtMs - plan.phases[0]!.minutes * MS_PER_MINUTE;
      const outing: Outing = {
        ...plan,
        startsAtMs,
        place: { ...plan.place, latitudeDeg: SITE.latitudeDeg, longitudeDeg: SITE.longitudeDeg },
        weather: all
          .map(({ atMs, ...hour }) => ({
            ...hour,
            minute: (atMs - startsAtMs) / MS_PER_MINUTE,
            radiantTemperatureC: null,
          }))
          .filter(({ minute }) => minute > -60 && minute < totalMinutes(plan.phases) + 60),
      };
      const { verdict } = simulateOuting(outing).sits[0]!;
      const minutes = verdict.kind === "longerThan" ? null : leastMinutesStill(verdict);
      expect(day.minutesStill, day.date).toBe(minutes);
      expect(day.isCovered, day.date).toBe(minutes === null || minutes >= HABIT.wantedMinutes);
      sat += Math.min(minutes ?? Infinity, HABIT.wantedMinutes);
    }
    expect(span!.toMinute - span!.fromMinute).toBe(HABIT.wantedMinutes);
    const summary = summaryOf(days, HABIT.wantedMinutes);
    expect(summary.satMinutes).toBe(sat);
    expect(summary.covered).toBe(days.filter(({ isCovered }) => isCovered).length);
    expect(summary.covered + Object.values(summary.lostTo).reduce((sum, own) => sum + own, 0)).toBe(summary.outings);
  });

  it("counts days whose hours are missing, and of nothing says nothing", () => {
    const { days, withoutWeather } = seasonOf(single(), { site: SITE, hours: hours(2) }, HABIT);
    expect([days.length, withoutWeather]).toEqual([1, 0]);
    const morning = (index: number): boolean => index >= 5 * 24 + 6 && index < 5 * 24 + 12; // of the sixth of January
    const broken = hours(21).filter((_, index) => !morning(index));
    const season = seasonOf(single(), { site: SITE, hours: broken }, HABIT);
    expect([season.days.length, season.withoutWeather]).toEqual([8, 1]);
    expect(summaryOf([], 240)).toMatchObject({ outings: 0, coveredShare: 0, coldestServedC: null });
  });
});
