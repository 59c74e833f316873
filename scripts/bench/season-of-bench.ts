import { inventedYear, type SeasonHabit, type SeasonWeather } from "@/core/season";

// Invented: a year of hours, and who sits in it about 120 times.

const SITE = { name: "invented", latitudeDeg: 61.4, longitudeDeg: 12.1, altitudeM: 300, utcOffsetHours: 1 };

export const BENCH_YEAR: SeasonWeather = inventedYear(SITE, Date.UTC(2027, 0, 1));

/** November to 20 March, six days a week. */
export const BENCH_HABIT: SeasonHabit = {
  weekdays: [0, 1, 2, 3, 5, 6],
  from: { month: 11, day: 1 },
  to: { month: 3, day: 20 },
  begins: { by: "sunrise", minutes: -45 },
  wantedMinutes: 240,
};
