import * as m from "@/messages";
import { useId, useState } from "react";
import { readTypedNumber } from "@/formats/typed-number";

type Props = {
  readonly label: string;
  readonly value: number | null;
  readonly low: number;
  readonly high: number;
  readonly onChange: (value: number | null) => void;
};

/** A number that may be left empty: not known. What cannot be used stays in the field, with the reason. */
export function OptionalNumber({ label, value, low, high, onChange }: Props) {
  const id = useId();
  const [text, setText] = useState(value === null ? "" : String(value));
  /** `null` is not known, `undefined` what cannot be used. */
  const read = (typed: string): number | null | undefined => {
    if (typed.trim() === "") return null;
    const number = readTypedNumber(typed);
    return number !== null && number >= low && number <= high ? number : undefined;
  };
  const isUsable = read(text) !== undefined;
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-muted text-sm">
        {label}
      </label>
      <input
        id={id}
        className="field w-28"
        inputMode="decimal"
        value={text}
        aria-invalid={!isUsable}
        aria-describedby={isUsable ? undefined : `${id}-error`}
        onChange={(event) => {
          setText(event.target.value);
          const next = read(event.target.value);
          if (next !== undefined) onChange(next);
        }}
      />
      {!isUsable && (
        <p id={`${id}-error`} role="alert" className="text-cranberry text-sm">
          {m.giveANumberFrom} {low} {m.to3} {high}
          {m.orLeaveItEmpty}
        </p>
      )}
    </div>
  );
}
