import * as m from "@/messages";
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
  const change = (part: Partial<WalkIn>): void => editSetting(m.walkIn, { walkIn: { ...walkIn, ...part } });
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <QuantityField
          label={m.distance}
          quantity="distance"
          value={walkIn.distanceM}
          range={OUTING_RANGE.walkDistanceM}
          onChange={(distanceM) => change({ distanceM })}
        />
        <QuantityField
          label={m.climb}
          quantity="height"
          value={walkIn.climbM}
          range={OUTING_RANGE.walkClimbM}
          onChange={(climbM) => change({ climbM })}
        />
        <QuantityField
          label={m.loadCarried}
          quantity="mass"
          value={walkIn.loadKg}
          range={WALK_RANGE.loadKg}
          onChange={(loadKg) => change({ loadKg })}
        />
        <QuantityField
          label={m.bootsSinkIntoSnowTitle}
          note={<FieldNote of="sinking" />}
          quantity="length"
          value={walkIn.snowSinkingCm / CM_PER_M}
          range={[WALK_RANGE.snowSinkingCm[0] / CM_PER_M, WALK_RANGE.snowSinkingCm[1] / CM_PER_M]}
          onChange={(metres) => change({ snowSinkingCm: metres * CM_PER_M })}
        />
      </div>
      <ChoiceField
        label={m.groundWalkedOnTitle}
        note={<FieldNote of="terrain" />}
        value={walkIn.terrain}
        options={optionsOf(TERRAIN_WORDS)}
        onChange={(terrain) => change({ terrain })}
      />
      <CheckField label={m.onSnowshoes} checked={walkIn.snowshoes} onChange={(snowshoes) => change({ snowshoes })} />
      <p className="text-muted text-sm">{m.walkInAndWalkOutTake}</p>
    </>
  );
}
