import { CheckField } from "../../../fields/check-field";
import { ChoiceField, optionsOf } from "../../../fields/choice-field";
import { GROUND_RANGE, SEAT_HEIGHT_RANGE_M, seatOf } from "@/core/weather";
import { GROUND_WORDS, SEAT_WORDS, SHELTER_WORDS } from "@/formats/display/words/place-words";
import { NumberField } from "../../../fields/number-field";
import type { PlaceSetting } from "@/core/outing";
import { editSetting } from "@/stores/sheet/edits";

const USUAL_ICE_M = 0.3;
const CM_PER_M = 100;
type Fields = { readonly setting: PlaceSetting };

/** Shelter, and on what one sits and stands. */
export function Seat({ setting }: Fields) {
  return (
    <>
      <ChoiceField
        label="Shelter"
        value={setting.shelter}
        options={optionsOf(SHELTER_WORDS)}
        onChange={(shelter) => editSetting("shelter", { shelter })}
      />
      <ChoiceField
        label="Feet stand on"
        value={setting.ground}
        options={optionsOf(GROUND_WORDS)}
        onChange={(ground) => editSetting("ground", { ground })}
      />
      <ChoiceField
        label="You sit on"
        value={seatOf(setting)}
        options={optionsOf(SEAT_WORDS)}
        onChange={(seat) => editSetting("seat", { seat })}
      />
      <NumberField
        label="Height of the seat above ground"
        unit="m"
        value={setting.seatHeightM}
        low={SEAT_HEIGHT_RANGE_M[0]}
        high={SEAT_HEIGHT_RANGE_M[1]}
        step={0.5}
        decimals={1}
        onChange={(seatHeightM) => editSetting("seat height", { seatHeightM })}
      />
      {setting.ground === "ice" && (
        <NumberField
          label="Thickness of the ice (for its warmth alone, not whether it carries)"
          unit="cm"
          value={(setting.iceThicknessM ?? USUAL_ICE_M) * CM_PER_M}
          low={GROUND_RANGE.iceThicknessM[0] * CM_PER_M}
          high={GROUND_RANGE.iceThicknessM[1] * CM_PER_M}
          step={5}
          decimals={0}
          onChange={(cm) => editSetting("ice", { iceThicknessM: cm / CM_PER_M })}
        />
      )}
      <CheckField
        label="Snow lies about"
        checked={setting.snowCover ?? false}
        onChange={(snowCover) => editSetting("snow about", { snowCover })}
      />
    </>
  );
}
