import { expect, it } from "vitest";
import { civilDate } from "./civil-date";

it("is the date the engine's own calendar gives, for 1900 to 2100", () => {
  const from = Math.floor(Date.UTC(1900, 0, 1) / 86_400_000);
  for (let day = from; day < from + 201 * 366; day += 3) {
    const date = new Date(day * 86_400_000);
    expect(civilDate(day)).toEqual({
      year: date.getUTCFullYear(),
      month: date.getUTCMonth() + 1,
      day: date.getUTCDate(),
      weekday: date.getUTCDay(),
    });
  }
});
