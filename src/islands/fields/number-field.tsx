import * as m from "@/messages";
import { useId, type ReactNode } from "react";
import { shownNumber, useTypedNumber } from "./use-typed-number";

type Props = {
  readonly label: string;
  readonly unit: string;
  /** `null` while it is not known. */
  readonly value: number | null;
  readonly low: number;
  readonly high: number;
  readonly step: number;
  readonly decimals: number;
  readonly onChange: (value: number) => void;
  /** What the field means, to be asked for. */
  readonly note?: ReactNode;
};

/** A number with its unit. What cannot be used stays in the field, with the reason beside it, and changes nothing. */
export function NumberField({ label, unit, note, ...typed }: Props) {
  const { value, low, high, decimals } = typed;
  const id = useId();
  const { input, isUsable, leave } = useTypedNumber(typed);
  return (
    <div className="flex flex-col gap-1">
      <span className="flex items-center gap-1.5">
        <label htmlFor={id} className="text-muted text-sm">
          {label}
        </label>
        {note}
      </span>
      <span className="flex items-center gap-2">
        <input
          {...input}
          id={id}
          className="field w-24 text-lg"
          aria-describedby={isUsable ? undefined : `${id}-error`}
          onBlur={leave}
        />
        <span>{unit}</span>
      </span>
      {!isUsable && (
        <p id={`${id}-error`} role="alert" className="text-cranberry text-sm">
          {m.giveANumberFrom} {shownNumber(low, decimals)} {m.to3} {shownNumber(high, decimals)} {unit}.
          {value !== null && m.theFigureStillUses({ shownNumber: shownNumber(value, decimals) })}
        </p>
      )}
    </div>
  );
}
