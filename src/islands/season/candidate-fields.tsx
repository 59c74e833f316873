import * as m from "@/messages";
import type { DresserPiece } from "@/core/dresser";
import { OUTING_RANGE } from "@/core/outing";
import { MINOR_PER_UNIT, MOST_PRICE } from "@/core/pieces";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { sayOfCandidate } from "@/stores/season/candidates";
import { computeSeason } from "@/stores/season/season";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";
import { TextField } from "../fields/text-field";
import { LabelFields } from "../kit/fields/label-fields";

type Props = {
  readonly view: OutingView;
  /** Name of the generic piece. */
  readonly generic: string;
  /** As it is said to be. */
  readonly candidate: DresserPiece;
  readonly isLabelSaid: boolean;
  readonly currency: string;
};

/** One piece that could be bought: what it is called, weighs and costs counts at once, its label once the season is counted again. */
export function CandidateFields({ view, generic, candidate, isLabelSaid, currency }: Props) {
  return (
    <div role="group" aria-label={candidate.name} className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end gap-4">
        <TextField
          label={m.seasonPieceName}
          value={candidate.name}
          onChange={(name) => sayOfCandidate(generic, { name })}
        />
        <NumberField
          label={m.seasonPrice}
          unit={currency}
          value={(candidate.priceMinor ?? 0) / MINOR_PER_UNIT}
          low={0}
          high={MOST_PRICE}
          step={5}
          decimals={0}
          onChange={(price) => sayOfCandidate(generic, { priceMinor: Math.round(price * MINOR_PER_UNIT) })}
        />
        <QuantityField
          label={m.seasonMass}
          quantity="smallMass"
          value={candidate.massG ?? 0}
          range={OUTING_RANGE.pieceMassG}
          onChange={(massG) => sayOfCandidate(generic, { massG })}
        />
      </div>
      <details>
        <summary className="link w-fit">{m.seasonPieceLabel}</summary>
        <div className="flex flex-col gap-3 pt-2">
          <p className="text-muted max-w-prose text-sm">{m.seasonPieceLabelSays}</p>
          <LabelFields label={candidate.label} onChange={(label) => sayOfCandidate(generic, { label })} />
          <button
            type="button"
            className="press border-accent self-start"
            disabled={!isLabelSaid}
            onClick={() => void computeSeason(view)}
          >
            {m.seasonCountWithLabels}
          </button>
        </div>
      </details>
    </div>
  );
}
