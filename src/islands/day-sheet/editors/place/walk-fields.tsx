import { FieldNote } from "../field-note";
import { CheckField } from "../../../fields/check-field";
import { ChoiceField, optionsOf } from "../../../fields/choice-field";
import { QuantityField } from "../../../fields/quantity-field";
import { OUTING_RANGE, type WalkIn } from "@/core/outing";
import { TERRAIN_WORDS } from "@/formats/display/words/place-words";
import { WALK_RANGE } from "@/core/effort";
import { editSetting } from "@/stores/sheet/edits";

const CM_PER_M = 100;

export function WalkFields({ walkIn }: { readonly walkIn: WalkIn }) {
  const change = (part: Partial<WalkIn>): void => editSetting("walk in", { walkIn: { ...walkIn, ...part } });
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <QuantityField
          label="Distance"
          quantity="distance"
          value={walkIn.distanceM}
          range={OUTING_RANGE.walkDistanceM}
          onChange={(distanceM) => change({ distanceM })}
        />
        <QuantityField
          label="Climb"
          quantity="height"
          value={walkIn.climbM}
          range={OUTING_RANGE.walkClimbM}
          onChange={(climbM) => change({ climbM })}
        />
        <QuantityField
          label="Load carried"
          quantity="mass"
          value={walkIn.loadKg}
          range={WALK_RANGE.loadKg}
          onChange={(loadKg) => change({ loadKg })}
        />
        <QuantityField
          label="Boots sink into snow"
          note={<FieldNote of="sinking" />}
          quantity="length"
          value={walkIn.snowSinkingCm / CM_PER_M}
          range={[WALK_RANGE.snowSinkingCm[0] / CM_PER_M, WALK_RANGE.snowSinkingCm[1] / CM_PER_M]}
          onChange={(metres) => change({ snowSinkingCm: metres * CM_PER_M })}
        />
      </div>
      <ChoiceField
        label="Ground walked on"
        note={<FieldNote of="terrain" />}
        value={walkIn.terrain}
        options={optionsOf(TERRAIN_WORDS)}
        onChange={(terrain) => change({ terrain })}
      />
      <CheckField label="On snowshoes" checked={walkIn.snowshoes} onChange={(snowshoes) => change({ snowshoes })} />
      <p className="text-muted text-sm">
        Walk in and walk out take their effort from this and from their minutes, unless they name an effort themselves.
      </p>
    </>
  );
}
