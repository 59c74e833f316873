import { FieldNote } from "../field-note";
import { CheckField } from "../../../fields/check-field";
import { ChoiceField, optionsOf } from "../../../fields/choice-field";
import { GROUND_RANGE, SEAT_HEIGHT_RANGE_M, seatOf } from "@/core/weather";
import { GROUND_WORDS, SEAT_WORDS, SHELTER_WORDS } from "@/formats/display/words/place-words";
import { QuantityField } from "../../../fields/quantity-field";
import type { PlaceSetting } from "@/core/outing";
import { editSetting } from "@/stores/sheet/edits";

const USUAL_ICE_M = 0.3;
type Fields = { readonly setting: PlaceSetting };

/** Shelter, and on what one sits and stands. */
export function Seat({ setting }: Fields) {
  return (
    <>
      <ChoiceField
        label="Shelter"
        note={<FieldNote of="shelter" />}
        value={setting.shelter}
        options={optionsOf(SHELTER_WORDS)}
        onChange={(shelter) => editSetting("shelter", { shelter })}
      />
      <ChoiceField
        label="Feet stand on"
        note={<FieldNote of="ground" />}
        value={setting.ground}
        options={optionsOf(GROUND_WORDS)}
        onChange={(ground) => editSetting("ground", { ground })}
      />
      <ChoiceField
        label="You sit on"
        note={<FieldNote of="seat" />}
        value={seatOf(setting)}
        options={optionsOf(SEAT_WORDS)}
        onChange={(seat) => editSetting("seat", { seat })}
      />
      <QuantityField
        label="Height of the seat above ground"
        note={<FieldNote of="seatHeight" />}
        quantity="height"
        value={setting.seatHeightM}
        range={SEAT_HEIGHT_RANGE_M}
        onChange={(seatHeightM) => editSetting("seat height", { seatHeightM })}
      />
      {setting.ground === "ice" && (
        <QuantityField
          label="Thickness of the ice (for its warmth alone, not whether it carries)"
          quantity="length"
          value={setting.iceThicknessM ?? USUAL_ICE_M}
          range={GROUND_RANGE.iceThicknessM}
          onChange={(iceThicknessM) => editSetting("ice", { iceThicknessM })}
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
