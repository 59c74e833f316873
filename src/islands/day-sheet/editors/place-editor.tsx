import * as m from "@/messages";
import { CheckField } from "../../fields/check-field";
import { OnEarth } from "./place/on-earth";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { Safety } from "./place/safety";
import { Seat } from "./place/seat";
import { TrackFields } from "./track-fields";
import { WalkFields } from "./place/walk-fields";
import type { WalkIn } from "@/core/outing";
import { editSetting } from "@/stores/sheet/edits";

const USUAL_WALK: WalkIn = {
  distanceM: 1500,
  climbM: 0,
  loadKg: 8,
  terrain: "dirt",
  snowSinkingCm: 0,
  snowshoes: false,
};

/** The place as this outing finds it: seat and ground, the way there, warmth and help, where on earth. */
export function PlaceEditor({ view }: { readonly view: OutingView }) {
  const { setting } = view;
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-lg font-semibold">
        {view.place.name} <span className="text-muted text-sm font-normal">{view.place.timeZone}</span>
      </h2>
      <Seat setting={setting} />
      <fieldset className="border-line flex min-w-0 flex-col gap-3 border-t pt-2">
        <legend className="font-semibold">{m.theWayIn}</legend>
        <CheckField
          label={m.describeTheWay}
          checked={setting.walkIn !== undefined}
          onChange={(isGiven) => editSetting(m.walkIn, { walkIn: isGiven ? USUAL_WALK : undefined })}
        />
        {setting.walkIn && <WalkFields walkIn={setting.walkIn} />}
        <TrackFields view={view} />
      </fieldset>
      <fieldset className="border-line flex min-w-0 flex-col gap-3 border-t pt-2">
        <legend className="font-semibold">{m.warmthAndHelp}</legend>
        <Safety setting={setting} />
      </fieldset>
      <fieldset className="border-line flex min-w-0 flex-col gap-3 border-t pt-2">
        <legend className="font-semibold">{m.whereOnEarthForSunAnd}</legend>
        <OnEarth setting={setting} />
      </fieldset>
    </div>
  );
}
