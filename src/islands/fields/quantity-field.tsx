import { useStore } from "@nanostores/react";
import type { ReactNode } from "react";
import { clamp } from "@/core/numeric";
import { unitOf, type Quantity } from "@/formats/display/units";
import { $preferences } from "@/stores/preferences";
import { NumberField } from "./number-field";

type Props = {
  readonly label: string;
  readonly quantity: Quantity;
  /** In the quantity's base unit; `null` while it is not known. */
  readonly value: number | null;
  readonly range: readonly [low: number, high: number];
  readonly onChange: (value: number) => void;
  /** What the field means, to be asked for. */
  readonly note?: ReactNode;
};

/** A quantity in the unit the person has chosen; what is kept is in its base unit. */
export function QuantityField({ label, quantity, value, range, onChange, note }: Props) {
  const unit = unitOf(quantity, useStore($preferences));
  const [low, high] = [unit.fromSi(range[0]), unit.fromSi(range[1])];
  return (
    <NumberField
      // Another unit is another field: what was typed in the old one would be misread.
      key={unit.label}
      label={label}
      note={note}
      unit={unit.label}
      value={value === null ? null : unit.fromSi(value)}
      low={low}
      high={high}
      step={unit.step}
      decimals={unit.decimals}
      onChange={(shown) => onChange(clamp(unit.toSi(shown), ...range))}
    />
  );
}
