import { z } from "zod";
import type { SeasonHabit } from "@/core/season";
import { wholeWithin } from "../within";

const monthDay = z.strictObject({ month: wholeWithin([1, 12]), day: wholeWithin([1, 31]) });
const MINUTES_PER_DAY = 1440;

export const habitSchema = z.strictObject({
  weekdays: z.array(wholeWithin([0, 6])).max(7),
  from: monthDay,
  to: monthDay,
  begins: z.strictObject({
    by: z.enum(["sunrise", "sunset", "clock"]),
    minutes: wholeWithin([-MINUTES_PER_DAY, MINUTES_PER_DAY]),
  }),
  wantedMinutes: wholeWithin([1, MINUTES_PER_DAY]),
});

export const writtenHabit = (habit: SeasonHabit): string => JSON.stringify(habit);

/** A habit as a browser kept it; `null` where it is none. */
export function readKeptHabit(text: string | null): SeasonHabit | null {
  try {
    const parsed = habitSchema.safeParse(JSON.parse(text ?? "null"));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}
