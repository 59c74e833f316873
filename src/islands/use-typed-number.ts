import { useEffect, useRef, useState } from "react";

type Typed = {
  readonly value: number | null;
  readonly low: number;
  readonly high: number;
  readonly decimals: number;
  readonly onChange: (value: number) => void;
};

export const shownNumber = (value: number | null, decimals: number): string =>
  value === null ? "" : String(Number(value.toFixed(decimals)));

/**
 * A number being typed. What is typed stays as it is, unless the value changes from elsewhere: a drag, an undo. What
 * cannot be used changes nothing.
 */
export function useTypedNumber({ value, low, high, decimals, onChange }: Typed) {
  const [text, setText] = useState(shownNumber(value, decimals));
  const own = useRef<number | null>(null);
  useEffect(() => {
    if (own.current !== value) setText(shownNumber(value, decimals));
  }, [value, decimals]);
  const isEmpty = text.trim() === "";
  const number = isEmpty ? NaN : Number(text);
  const isUsable = (number >= low && number <= high) || (isEmpty && value === null);
  return {
    text,
    isUsable,
    change(next: string): void {
      setText(next);
      const wanted = next.trim() === "" ? NaN : Number(next);
      if (!(wanted >= low && wanted <= high)) return;
      own.current = wanted;
      onChange(wanted);
    },
    leave(): void {
      own.current = null;
      if (isUsable) setText(shownNumber(value, decimals));
    },
  };
}
