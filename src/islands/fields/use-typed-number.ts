import { useEffect, useRef, useState, type KeyboardEvent } from "react";
import { plainNumber } from "@/formats/display/numbers";
import { readTypedNumber } from "@/formats/typed-number";

type Typed = {
  readonly value: number | null;
  readonly low: number;
  readonly high: number;
  readonly decimals: number;
  /** What an arrow key adds. */
  readonly step?: number;
  readonly onChange: (value: number) => void;
};

export const shownNumber = (value: number | null, decimals: number): string =>
  value === null ? "" : plainNumber(value, decimals).replace("−", "-");

/**
 * A number being typed, with a point or a comma. What is typed stays as it is, unless the value changes from elsewhere: a
 * drag, an undo. What cannot be used changes nothing. The field is text, because a browser's own number field drops what
 * it cannot read, and some drop the comma.
 */
export function useTypedNumber({ value, low, high, decimals, step = 1, onChange }: Typed) {
  const [text, setText] = useState(shownNumber(value, decimals));
  const own = useRef<number | null>(null);
  useEffect(() => {
    if (own.current !== value) setText(shownNumber(value, decimals));
  }, [value, decimals]);
  const isEmpty = text.trim() === "";
  const number = readTypedNumber(text);
  const fits = (wanted: number | null): wanted is number => wanted !== null && wanted >= low && wanted <= high;
  const isUsable = fits(number) || (isEmpty && value === null);
  const take = (wanted: number): void => {
    own.current = wanted;
    onChange(wanted);
  };
  return {
    isUsable,
    leave(): void {
      own.current = null;
      if (isUsable) setText(shownNumber(value, decimals));
    },
    /** For the input itself: arrows step within the range, as in a browser's number field. */
    input: {
      type: "text",
      inputMode: "decimal",
      role: "spinbutton",
      autoComplete: "off",
      value: text,
      "aria-invalid": !isUsable,
      "aria-valuemin": low,
      "aria-valuemax": high,
      "aria-valuenow": number ?? undefined,
      onChange: (event: { target: { value: string } }): void => {
        setText(event.target.value);
        const wanted = readTypedNumber(event.target.value);
        if (fits(wanted)) take(wanted);
      },
      onKeyDown: (event: KeyboardEvent): void => {
        const { key } = event;
        if (key !== "ArrowUp" && key !== "ArrowDown") return;
        event.preventDefault();
        const from = number ?? value ?? low;
        const wanted = Math.min(high, Math.max(low, from + (key === "ArrowUp" ? step : -step)));
        const rounded = Number(wanted.toFixed(decimals));
        setText(shownNumber(rounded, decimals));
        if (fits(rounded)) take(rounded);
      },
    },
  } as const;
}
