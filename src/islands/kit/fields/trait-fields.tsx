import * as m from "@/messages";
import type { Closure, PieceKind, PieceTraits } from "@/core/pieces";
import { OUTING_RANGE } from "@/core/outing";
import { CLOSURE_WORDS } from "@/formats/display/words/label-words";
import { TRAIT_FLAG_KEYS, TRAIT_FLAGS, TRAIT_SCALE_KEYS, traitScale } from "@/formats/display/words/trait-words";
import { ChoiceField, optionsOf } from "../../fields/choice-field";
import { HeatFields } from "./heat-fields";
import { OptionalNumber } from "./optional-number";
import { OptionalQuantity } from "./optional-quantity";

const CM_PER_M = 100;

type Props = {
  readonly kind: PieceKind;
  readonly traits: PieceTraits;
  readonly onChange: (traits: PieceTraits) => void;
};

const UNKNOWN = "unknown";

/** What no label prints: told by a sentence, or not known. */
export function TraitFields({ kind, traits, onChange }: Props) {
  return (
    <>
      <div className="flex flex-wrap gap-3">
        {TRAIT_SCALE_KEYS.filter((trait) => (traitScale(trait).of ?? kind) === kind).map((trait) => (
          <ChoiceField
            key={trait}
            label={traitScale(trait).words}
            value={traits[trait] === undefined ? UNKNOWN : String(traits[trait])}
            options={[
              [UNKNOWN, m.notKnown],
              ...traitScale(trait).steps.map((step, index): [string, string] => [String(index), step]),
            ]}
            onChange={(step) => onChange({ ...traits, [trait]: step === UNKNOWN ? undefined : Number(step) })}
          />
        ))}
        {kind === "footwear" && (
          <>
            <ChoiceField<Closure | typeof UNKNOWN>
              label={m.closedBy}
              value={traits.closure ?? UNKNOWN}
              options={[[UNKNOWN, m.notKnown], ...optionsOf(CLOSURE_WORDS)]}
              onChange={(closure) => onChange({ ...traits, closure: closure === UNKNOWN ? undefined : closure })}
            />
            <OptionalQuantity
              label={m.printedTemperature}
              quantity="temperature"
              value={traits.printedTemperatureC ?? null}
              range={OUTING_RANGE.printedTemperatureC}
              onChange={(printed) => onChange({ ...traits, printedTemperatureC: printed ?? undefined })}
            />
            <OptionalQuantity
              label={m.heightOfTheShaft}
              quantity="length"
              value={traits.shaftHeightCm === undefined ? null : traits.shaftHeightCm / CM_PER_M}
              range={[OUTING_RANGE.shaftHeightCm[0] / CM_PER_M, OUTING_RANGE.shaftHeightCm[1] / CM_PER_M]}
              onChange={(metres) =>
                onChange({ ...traits, shaftHeightCm: metres === null ? undefined : metres * CM_PER_M })
              }
            />
            <label className="flex min-h-6 items-center gap-1.5 text-sm">
              <input
                type="checkbox"
                className="size-4"
                checked={traits.endsAt?.includes("ankles") ?? false}
                onChange={(event) => onChange({ ...traits, endsAt: event.target.checked ? ["ankles"] : undefined })}
              />
              {m.openAtTheTopOfThe}
            </label>
          </>
        )}
        <OptionalNumber
          label={m.minutesToChangeItOutThere}
          value={traits.changeMinutes ?? null}
          low={OUTING_RANGE.changeMinutes[0]}
          high={OUTING_RANGE.changeMinutes[1]}
          onChange={(minutes) =>
            onChange({ ...traits, changeMinutes: minutes === null ? undefined : Math.round(minutes) })
          }
        />
      </div>
      <HeatFields heat={traits.heat} onChange={(heat) => onChange({ ...traits, heat })} />
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
        <legend className="sr-only">{m.itTitle}</legend>
        {TRAIT_FLAG_KEYS.map((flag) => (
          <label key={flag} className="flex min-h-6 items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4"
              checked={traits[flag] ?? false}
              onChange={(event) => onChange({ ...traits, [flag]: event.target.checked ? true : undefined })}
            />
            {TRAIT_FLAGS[flag]}
          </label>
        ))}
      </fieldset>
    </>
  );
}
