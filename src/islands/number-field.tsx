import { useEffect, useId, useRef, useState } from "react";

type Props = {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly step: number;
  readonly decimals: number;
  readonly onChange: (value: number) => void;
};

const shown = (value: number, decimals: number): string => String(Number(value.toFixed(decimals)));

/** A number with its unit. What cannot be used stays in the field, with the reason beside it, and changes nothing. */
export function NumberField({ label, unit, value, low, high, step, decimals, onChange }: Props) {
  const id = useId();
  const [text, setText] = useState(shown(value, decimals));
  const typing = useRef(false);
  useEffect(() => {
    if (!typing.current) setText(shown(value, decimals));
  }, [value, decimals]);

  const number = text.trim() === "" ? NaN : Number(text);
  const usable = Number.isFinite(number) && number >= low && number <= high;
  const change = (next: string): void => {
    setText(next);
    const wanted = next.trim() === "" ? NaN : Number(next);
    if (Number.isFinite(wanted) && wanted >= low && wanted <= high) onChange(wanted);
  };
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-muted text-sm">
        {label}
      </label>
      <span className="flex items-center gap-2">
        <input
          id={id}
          type="number"
          inputMode="decimal"
          className="field w-28 text-lg"
          value={text}
          min={low}
          max={high}
          step={step}
          aria-invalid={!usable}
          aria-describedby={usable ? undefined : `${id}-error`}
          onFocus={() => (typing.current = true)}
          onBlur={() => {
            typing.current = false;
            if (usable) setText(shown(value, decimals));
          }}
          onChange={(event) => change(event.target.value)}
        />
        <span>{unit}</span>
      </span>
      {!usable && (
        <p id={`${id}-error`} role="alert" className="text-cranberry text-sm">
          Give a number from {shown(low, decimals)} to {shown(high, decimals)} {unit}. The figure still uses{" "}
          {shown(value, decimals)}.
        </p>
      )}
    </div>
  );
}
