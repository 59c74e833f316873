import { describe, expect, it } from "vitest";
import { spreadChoice, type Candidate } from "./spread-choice";

/** An outfit of twelve pieces with some of them on. */
const wearing = (...on: readonly number[]): Uint8Array => Uint8Array.from({ length: 12 }, (_, i) => +on.includes(i));
const FEW_MINUTES = 100;

const candidate = (code: Uint8Array, massG: number, minutes: number, known: number): Candidate => ({
  code,
  massG,
  minutes,
  known,
});

describe("what is simulated next", () => {
  it("is what promises most, and nothing that promises no more than is known", () => {
    const [little, much, none] = [
      candidate(wearing(0, 1, 2, 3), 3000, 130, 100),
      candidate(wearing(4, 5, 6, 7), 4000, 300, 200),
      candidate(wearing(8, 9, 10, 11), 2000, 100, 100),
    ];
    expect(spreadChoice([little, none, much], 3, FEW_MINUTES)).toEqual([much.code, little.code]);
    expect(spreadChoice([little, none, much], 1, FEW_MINUTES)).toEqual([much.code]);
  });

  it("is no second outfit like the first: what the first shows tells of both", () => {
    const first = candidate(wearing(0, 1, 2, 3), 4000, 300, 200);
    const alike = candidate(wearing(0, 1, 2, 4), 3900, 295, 200); // two placements apart
    const other = candidate(wearing(5, 6, 7, 8), 3900, 290, 200);
    expect(spreadChoice([first, alike, other], 3, FEW_MINUTES)).toEqual([first.code, other.code]);
  });

  it("believes the first: heavier ones that last no longer add nothing, lighter ones do", () => {
    const first = candidate(wearing(0, 1, 2, 3), 4000, 300, 200);
    const heavier = candidate(wearing(4, 5, 6, 7), 4500, 290, 200);
    const lighter = candidate(wearing(8, 9, 10, 11), 3500, 250, 200);
    expect(spreadChoice([heavier, lighter, first], 3, FEW_MINUTES)).toEqual([first.code, lighter.code]);
  });
});
