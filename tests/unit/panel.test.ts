import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { answerCase, type PanelAnswer } from "../../scripts/panel/answer";
import { parsePanel, type PanelCase } from "../../scripts/panel/panel-file";
import { panelOuting } from "../../scripts/panel/panel-outing";

// The panel is argued with, never fitted: none of its bands fails a build. What has to hold is that every case can be
// computed, and what common practice says of two cases beside each other.

const panel = parsePanel(readFileSync("tests/reference/panel.json", "utf8"));
const caseOf = (start: string): PanelCase => panel.cases.find(({ name }) => name.startsWith(start))!;
const answered = (start: string): PanelAnswer => answerCase(panel, caseOf(start));
const minutes = ({ minutes: told }: PanelAnswer): number => told ?? Infinity;

describe("the panel", () => {
  it("describes every person, kit and piece that its cases name", () => {
    for (const own of panel.cases) expect(panelOuting(panel, own).wearings.length, own.name).toBeGreaterThan(5);
    const unknown = { ...caseOf("pac boot, thick"), boot: "bootless" };
    expect(() => panelOuting(panel, unknown)).toThrow(/bootless/);
  });

  it("a woman in the same clothes lasts less than a man; who reports cold hands about a third less (common practice)", () => {
    const man = minutes(answered("pac boot, thick kit at -10"));
    expect(minutes(answered("the same, a woman: less"))).toBeLessThan(man);
    const cold = minutes(answered("same person told 'cold hands'"));
    expect(cold / man).toBeLessThan(0.9);
    expect(cold / man).toBeGreaterThan(0.5);
  });

  it("tells minutes, limit, runner-up and why, in words", () => {
    const answer = answered("600 g boot on a metal stand");
    expect(answer.limit).toBe("toes");
    expect(answer.why).toMatch(/loses \d+ W\/m²/);
    expect(answer.low!).toBeLessThanOrEqual(answer.minutes!);
  });

  it("an hour's hard walk in full dress is not rewarded over the same walk with the big layers carried", () => {
    const worn = caseOf("an hour's hard walk in full");
    expect(minutes(answerCase(panel, worn))).toBeLessThanOrEqual(
      minutes(answerCase(panel, { ...worn, walkInFullDress: false })),
    );
  });
});
