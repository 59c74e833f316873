import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { PERSON_RANGE } from "@/core/body";
import { clamp } from "@/core/numeric";
import { QUANTITIES } from "@/formats/display/units";
import { $preferences } from "@/stores/preferences";
import { NumberField } from "./number-field";
import { QuantityField } from "./quantity-field";

const INCHES_PER_FOOT = 12;
const INCH = QUANTITIES.length.in;
const FEET_RANGE = [3, 7] as const;

type Props = { readonly value: number; readonly onChange: (heightM: number) => void };

/** How tall somebody is: in cm, or in feet and inches as they are said together. */
export function BodyHeightField({ value, onChange }: Props) {
  const { length } = useStore($preferences);
  if (length === "cm") {
    return (
      <QuantityField
        label={m.height}
        quantity="length"
        value={value}
        range={PERSON_RANGE.heightM}
        onChange={onChange}
      />
    );
  }
  const total = Math.round(INCH.fromSi(value) * 10) / 10;
  const feet = Math.floor(total / INCHES_PER_FOOT);
  const inches = total - feet * INCHES_PER_FOOT;
  const take = (nextFeet: number, nextInches: number): void =>
    onChange(clamp(INCH.toSi(nextFeet * INCHES_PER_FOOT + nextInches), ...PERSON_RANGE.heightM));
  return (
    <fieldset className="flex gap-4">
      <legend className="sr-only">{m.height}</legend>
      <NumberField
        label={m.heightFeet}
        unit={m.ft}
        value={feet}
        low={FEET_RANGE[0]}
        high={FEET_RANGE[1]}
        step={1}
        decimals={0}
        onChange={(next) => take(Math.round(next), inches)}
      />
      <NumberField
        label={m.andInches}
        unit={m.inWords2}
        value={inches}
        low={0}
        high={INCHES_PER_FOOT - 0.1}
        step={1}
        decimals={1}
        onChange={(next) => take(feet, next)}
      />
    </fieldset>
  );
}
