// @vitest-environment happy-dom
import { act, cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { atom } from "nanostores";
import type { VerdictLine } from "@/formats/wire/outing/outing-view";
import { SpokenAnswer } from "./spoken-answer";

const stores = vi.hoisted(() => ({ range: null as unknown, line: null as unknown }));
vi.mock("@/stores/answer/derived-results", () => ({ $range: (stores.range = atom<object | null>(null)) }));
vi.mock("@/stores/answer/headline", () => ({ $line: (stores.line = atom<VerdictLine | null>(null)) }));
afterEach(cleanup);

const lasting = (minutesStill: number) =>
  ({
    kind: "ends",
    minutesStill,
    plannedMinutes: 120,
    limit: "toes",
    part: "toes",
    side: "left",
  }) as unknown as VerdictLine;

it("speaks an answer once, when its range stands, and keeps it while the next is on its way", () => {
  const range = stores.range as ReturnType<typeof atom<object | null>>;
  const line = stores.line as ReturnType<typeof atom<VerdictLine | null>>;
  render(<SpokenAnswer />);
  const said = (): string => screen.getByRole("status").textContent ?? "";
  act(() => line.set(lasting(95)));
  expect(said()).toBe("");
  act(() => range.set({}));
  expect(said()).toContain("1 h 35 still");
  expect(said()).toContain("25 min short of the plan");
  act(() => {
    range.set(null);
    line.set(lasting(150));
  });
  expect(said()).toContain("1 h 35 still");
  act(() => range.set({}));
  expect(said()).toContain("2 h 30 still");
  expect(said()).toContain("30 min to spare");
});
