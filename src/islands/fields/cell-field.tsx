import * as m from "@/messages";
import { shownNumber, useTypedNumber } from "./use-typed-number";

type Props = {
  readonly label: string;
  /** `null` while it is not known. */
  readonly value: number | null;
  readonly low: number;
  readonly high: number;
  readonly decimals: number;
  readonly onChange: (value: number) => void;
};

/** A number in a table; what cannot be used is marked, kept as typed, and changes nothing. */
export function CellField({ label, ...typed }: Props) {
  const { low, high, decimals } = typed;
  const { input, isUsable, leave } = useTypedNumber(typed);
  return (
    <input
      {...input}
      aria-label={label}
      title={
        isUsable
          ? undefined
          : m.fromTo({ shownNumber: shownNumber(low, decimals), shownNumber2: shownNumber(high, decimals) })
      }
      className="field w-24"
      onBlur={leave}
    />
  );
}
