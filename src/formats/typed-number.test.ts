import { describe, expect, it } from "vitest";
import { readTypedNumber } from "./typed-number";

describe("a typed number", () => {
  it.each([
    ["3.5", 3.5],
    ["3,5", 3.5],
    [" 6,5 ", 6.5],
    ["-12", -12],
    ["−12,25", -12.25],
    ["+4", 4],
    [",5", 0.5],
    ["7.", 7],
    ["1,234", 1.234],
  ])("%s is %d", (text, value) => expect(readTypedNumber(text)).toBe(value));

  it.each(["", "-", ",", "1.234,5", "1,2,3", "1 000", "0x10", "1e3", "NaN", "Infinity", "zehn", "5 m/s", "--3"])(
    "%s is not guessed",
    (text) => expect(readTypedNumber(text)).toBeNull(),
  );
});
