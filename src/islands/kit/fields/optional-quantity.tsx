import { useStore } from "@nanostores/react";
import { clamp } from "@/core/numeric";
import { unitOf, type Quantity } from "@/formats/display/units";
import { $preferences } from "@/stores/preferences";
import { OptionalNumber } from "./optional-number";

type Props = {
  readonly label: string;
  readonly quantity: Quantity;
  /** In the quantity's base unit; `null` not known. */
  readonly value: number | null;
  readonly range: readonly [low: number, high: number];
  readonly onChange: (value: number | null) => void;
};

/** A quantity in the unit chosen that may be left empty. */
export function OptionalQuantity({ label, quantity, value, range, onChange }: Props) {
  const unit = unitOf(quantity, useStore($preferences));
  const rounded = (shown: number): number => Number(shown.toFixed(unit.decimals));
  return (
    <OptionalNumber
      key={unit.label}
      label={`${label}, ${unit.label}`}
      value={value === null ? null : rounded(unit.fromSi(value))}
      low={rounded(unit.fromSi(range[0]))}
      high={rounded(unit.fromSi(range[1]))}
      onChange={(shown) => onChange(shown === null ? null : clamp(unit.toSi(shown), ...range))}
    />
  );
}
