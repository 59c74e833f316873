import { expect, it } from "vitest";
import { standsNow } from "./overdue";

it("is not gone before it begins, out until the plan ends, late until somebody worries, overdue from then on", () => {
  // By the plan back at 13:00, an alarm an hour later.
  const at = (clock: string): number => Date.parse(`2027-03-27T${clock}:00Z`);
  const due = { startMs: at("05:00"), turnBackMs: at("11:40"), backMs: at("13:00"), overdueMs: at("14:00") };
  expect(["04:59", "12:59", "13:00", "13:59", "14:00"].map((clock) => standsNow(due, at(clock)))).toEqual([
    "notYet",
    "out",
    "late",
    "late",
    "overdue",
  ]);
});
