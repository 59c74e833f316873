import { execFileSync } from "node:child_process";
import { describe, expect, it } from "vitest";
import type { LawsFare } from "../../scripts/laws/main";

// What makes a sit worse must never buy minutes: tried on 2,000 outings drawn from seeds, bundled as what people run, for
// speed. `npm run -s laws` lists what is broken, and by how much.

const [COUNT, KNIVES] = [2000, 500];
const MOST_OUTPUT = 64 * 1024 * 1024;
/** Exceptions that are known, and the greatest of them, min: limits that are being left as the sit begins, or are not. */
const KNOWN: Readonly<Record<string, { readonly count: number; readonly most: number }>> = {
  "2 m/s windier": { count: 2, most: 23 },
  "a child in the same clothes as an adult under 50, by toes and fingers": { count: 16, most: 38 },
};
const NONE = { count: 0, most: 0 };
/** Share of small changes that move a headline by more than a third all the same. */
const MOST_CUT = 0.01;

const out = execFileSync("node", ["scripts/laws/run.mjs", "--json", String(COUNT), String(KNIVES)], {
  encoding: "utf8",
  maxBuffer: MOST_OUTPUT,
});
const fare = JSON.parse(out) as LawsFare;

describe("on 2,000 seeded outings never lasts longer:", () => {
  it.each(fare.laws.map((law) => [law.name, law] as const))("%s", (name, { tried, exceptions }) => {
    const { count, most } = KNOWN[name] ?? NONE;
    expect(tried).toBeGreaterThan(COUNT / 3); // most of them end, else nothing is tried
    expect(exceptions.length).toBeLessThanOrEqual(count);
    for (const { better, worse } of exceptions) expect(worse - better).toBeLessThanOrEqual(most);
  });

  it("tries every law there is", () => expect(fare.laws.length).toBeGreaterThanOrEqual(7));
});

it("no headline of 500 seeded outings jumps by more than a third when air, wind or walk move by what nobody measures better", () => {
  expect(fare.knives.tried).toBe(3 * KNIVES);
  expect(fare.knives.cuts.length / fare.knives.tried).toBeLessThanOrEqual(MOST_CUT);
});
