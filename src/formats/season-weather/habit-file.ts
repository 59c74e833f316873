import { z } from "zod";
import { OUTING_RANGE } from "@/core/outing";
import type { MonthDay, SeasonHabit } from "@/core/season";
import { MINUTES_PER_HOUR } from "@/core/units";
import { within } from "../within";

const WEEKDAYS = ["sunday", "monday", "tuesday", "wednesday", "thursday", "friday", "saturday"] as const;
const MONTH_DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;
const MINUTES_PER_DAY = 1440;
const LONGEST_HOURS = OUTING_RANGE.phaseMinutes[1] / MINUTES_PER_HOUR;
const SHORTEST_HOURS = 0.25;

/** When somebody sits, as a file says it; docs/reach.md. */
const habitSchema = z.strictObject({
  weekdays: z
    .array(z.enum(WEEKDAYS))
    .min(1)
    .default([...WEEKDAYS]),
  from: z.string().regex(MONTH_DAY),
  to: z.string().regex(MONTH_DAY),
  begins: z.strictObject({
    by: z.enum(["sunrise", "sunset", "clock"]),
    minutes: within([-MINUTES_PER_DAY, MINUTES_PER_DAY]),
  }),
  hoursWanted: within([SHORTEST_HOURS, LONGEST_HOURS]),
});

const monthDay = (text: string): MonthDay => ({ month: Number(text.slice(0, 2)), day: Number(text.slice(3)) });

export type ReadHabit =
  | { readonly ok: true; readonly habit: SeasonHabit }
  | { readonly ok: false; readonly problems: readonly { readonly path: string; readonly reason: string }[] };

/** Reads a habit; what cannot be is named by its path. */
export function readHabit(text: string): ReadHabit {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return { ok: false, problems: [{ path: "(whole file)", reason: (error as Error).message }] };
  }
  const parsed = habitSchema.safeParse(json);
  if (!parsed.success) {
    const problems = parsed.error.issues.map(({ path, message }) => ({
      path: path.join(".") || "(whole file)",
      reason: message,
    }));
    return { ok: false, problems };
  }
  const { weekdays, from, to, begins, hoursWanted } = parsed.data;
  return {
    ok: true,
    habit: {
      weekdays: weekdays.map((name) => WEEKDAYS.indexOf(name)),
      from: monthDay(from),
      to: monthDay(to),
      begins,
      wantedMinutes: Math.round(hoursWanted * MINUTES_PER_HOUR),
    },
  };
}
