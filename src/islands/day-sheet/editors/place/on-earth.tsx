import * as m from "@/messages";
import { NumberField } from "../../../fields/number-field";
import { OUTING_RANGE, type PlaceSetting } from "@/core/outing";
import { editSetting } from "@/stores/sheet/edits";
import { useState } from "react";

type Fields = { readonly setting: PlaceSetting };

type Coordinates = Pick<PlaceSetting, "latitudeDeg" | "longitudeDeg">;
const WHERE = m.whereOnEarth;

/** Latitude and longitude, both or none: half of them would be another place. */
export function OnEarth({ setting }: Fields) {
  const [typed, setTyped] = useState<Coordinates>({});
  const { latitudeDeg = typed.latitudeDeg, longitudeDeg = typed.longitudeDeg } = setting;
  const take = (one: Coordinates): void => {
    const both = { latitudeDeg, longitudeDeg, ...one };
    const isWhole = both.latitudeDeg !== undefined && both.longitudeDeg !== undefined;
    setTyped(isWhole ? {} : both);
    if (isWhole) editSetting(WHERE, both);
  };
  const isHalf = (latitudeDeg === undefined) !== (longitudeDeg === undefined);
  return (
    <div className="flex flex-wrap items-end gap-4">
      <NumberField
        label={m.latitudeNorthPositive}
        unit="°"
        value={latitudeDeg ?? null}
        low={OUTING_RANGE.latitudeDeg[0]}
        high={OUTING_RANGE.latitudeDeg[1]}
        step={0.1}
        decimals={2}
        onChange={(next) => take({ latitudeDeg: next })}
      />
      <NumberField
        label={m.longitudeEastPositive}
        unit="°"
        value={longitudeDeg ?? null}
        low={OUTING_RANGE.longitudeDeg[0]}
        high={OUTING_RANGE.longitudeDeg[1]}
        step={0.1}
        decimals={2}
        onChange={(next) => take({ longitudeDeg: next })}
      />
      {setting.latitudeDeg !== undefined && (
        <button
          type="button"
          className="press"
          onClick={() => editSetting(WHERE, { latitudeDeg: undefined, longitudeDeg: undefined })}
        >
          {m.noCoordinates}
        </button>
      )}
      {isHalf && (
        <p role="status" className="text-muted w-full text-sm">
          {m.giveTheOtherOneTooSun}
        </p>
      )}
    </div>
  );
}
