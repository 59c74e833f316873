import * as m from "@/messages";
import { LOW_HIGH_RANGE } from "@/core/day";
import { CONDITION_RANGE } from "@/core/sitter";
import { QuantityField } from "./quantity-field";

/** A day as a forecast's line has it. */
export type LowHigh = { readonly lowC: number; readonly highC: number; readonly windMPerS: number };

type Props = { readonly day: LowHigh; readonly onChange: (day: LowHigh) => void };

/** Low, high and wind of a day, in the units chosen; a low above the high is said. */
export const LowHighFields = ({ day, onChange }: Props) => (
  <>
    <QuantityField
      label={m.low}
      quantity="temperature"
      value={day.lowC}
      range={LOW_HIGH_RANGE.lowC}
      onChange={(lowC) => onChange({ ...day, lowC })}
    />
    <QuantityField
      label={m.high}
      quantity="temperature"
      value={day.highC}
      range={LOW_HIGH_RANGE.highC}
      onChange={(highC) => onChange({ ...day, highC })}
    />
    <QuantityField
      label={m.windTitle}
      quantity="wind"
      value={day.windMPerS}
      range={CONDITION_RANGE.windMPerS}
      onChange={(windMPerS) => onChange({ ...day, windMPerS })}
    />
  </>
);
