// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, describe, expect, it } from "vitest";
import { ClockField } from "./clock-field";

// 22:30 in Oslo: an evening that goes on past midnight.
const STARTS_AT = "2027-01-10T21:30:00Z";
let minute: number;

function open(start: number, low = 0, high = 600): HTMLInputElement {
  const Shown = () => {
    const [at, setAt] = useState(start);
    minute = at;
    return (
      <ClockField
        label="On at"
        minute={at}
        low={low}
        high={high}
        startsAt={STARTS_AT}
        timeZone="Europe/Oslo"
        onChange={setAt}
      />
    );
  };
  render(<Shown />);
  return screen.getByLabelText("On at");
}
const type = (field: HTMLInputElement, value: string): void => void fireEvent.change(field, { target: { value } });

afterEach(cleanup);

describe("a minute of the outing by the clock", () => {
  it("shows the clock of the place and takes another time", () => {
    const field = open(35);
    expect(field.value).toBe("23:05");
    type(field, "23:20");
    expect(minute).toBe(50);
  });

  it("a time after midnight is of the next day, one before it of the first", () => {
    const field = open(35);
    type(field, "01:15");
    expect(minute).toBe(165);
    expect(field.value).toBe("01:15");
    type(field, "22:45");
    expect(minute).toBe(15);
  });

  it("a time at no moment of what is allowed says from when to when, and changes nothing", () => {
    const field = open(35, 0, 120);
    type(field, "12:00");
    expect(minute).toBe(35);
    expect(screen.getByRole("alert").textContent).toBe("Give a time from 22:30 to 00:30.");
    type(field, "00:10");
    expect(minute).toBe(100);
    expect(screen.queryByRole("alert")).toBeNull();
  });
});
