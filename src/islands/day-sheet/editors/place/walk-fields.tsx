import { CheckField } from "../../../fields/check-field";
import { ChoiceField, optionsOf } from "../../../fields/choice-field";
import { NumberField } from "../../../fields/number-field";
import { OUTING_RANGE, type WalkIn } from "@/core/outing";
import { TERRAIN_WORDS } from "@/formats/display/words/place-words";
import { WALK_RANGE } from "@/core/effort";
import { editSetting } from "@/stores/sheet/edits";

const M_PER_KM = 1000;

export function WalkFields({ walkIn }: { readonly walkIn: WalkIn }) {
  const change = (part: Partial<WalkIn>): void => editSetting("walk in", { walkIn: { ...walkIn, ...part } });
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <NumberField
          label="Distance"
          unit="km"
          value={walkIn.distanceM / M_PER_KM}
          low={OUTING_RANGE.walkDistanceM[0] / M_PER_KM}
          high={OUTING_RANGE.walkDistanceM[1] / M_PER_KM}
          step={0.1}
          decimals={2}
          onChange={(km) => change({ distanceM: km * M_PER_KM })}
        />
        <NumberField
          label="Climb"
          unit="m"
          value={walkIn.climbM}
          low={OUTING_RANGE.walkClimbM[0]}
          high={OUTING_RANGE.walkClimbM[1]}
          step={10}
          decimals={0}
          onChange={(climbM) => change({ climbM })}
        />
        <NumberField
          label="Load carried"
          unit="kg"
          value={walkIn.loadKg}
          low={WALK_RANGE.loadKg[0]}
          high={WALK_RANGE.loadKg[1]}
          step={1}
          decimals={1}
          onChange={(loadKg) => change({ loadKg })}
        />
        <NumberField
          label="Boots sink into snow"
          unit="cm"
          value={walkIn.snowSinkingCm}
          low={WALK_RANGE.snowSinkingCm[0]}
          high={WALK_RANGE.snowSinkingCm[1]}
          step={5}
          decimals={0}
          onChange={(snowSinkingCm) => change({ snowSinkingCm })}
        />
      </div>
      <ChoiceField
        label="Ground walked on"
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
