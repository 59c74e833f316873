import * as m from "@/messages";
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
        label={m.shelterTitle}
        note={<FieldNote of="shelter" />}
        value={setting.shelter}
        options={optionsOf(SHELTER_WORDS)}
        onChange={(shelter) => editSetting(m.shelter, { shelter })}
      />
      <ChoiceField
        label={m.feetStandOnTitle}
        note={<FieldNote of="ground" />}
        value={setting.ground}
        options={optionsOf(GROUND_WORDS)}
        onChange={(ground) => editSetting(m.groundUndo, { ground })}
      />
      <ChoiceField
        label={m.youSitOnTitle}
        note={<FieldNote of="seat" />}
        value={seatOf(setting)}
        options={optionsOf(SEAT_WORDS)}
        onChange={(seat) => editSetting(m.seatUndo, { seat })}
      />
      <QuantityField
        label={m.heightOfTheSeatAboveGround}
        note={<FieldNote of="seatHeight" />}
        quantity="height"
        value={setting.seatHeightM}
        range={SEAT_HEIGHT_RANGE_M}
        onChange={(seatHeightM) => editSetting(m.seatHeight, { seatHeightM })}
      />
      {setting.ground === "ice" && (
        <QuantityField
          label={m.thicknessOfTheIceForIts}
          quantity="length"
          value={setting.iceThicknessM ?? USUAL_ICE_M}
          range={GROUND_RANGE.iceThicknessM}
          onChange={(iceThicknessM) => editSetting(m.iceUndo, { iceThicknessM })}
        />
      )}
      <CheckField
        label={m.snowLiesAbout}
        checked={setting.snowCover ?? false}
        onChange={(snowCover) => editSetting(m.snowAbout, { snowCover })}
      />
    </>
  );
}
