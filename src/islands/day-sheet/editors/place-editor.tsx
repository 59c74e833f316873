import { useState } from "react";
import { OUTING_RANGE, type PlaceSetting, type WalkIn } from "@/core/outing";
import { WALK_RANGE } from "@/core/effort";
import { GROUND_RANGE, SEAT_HEIGHT_RANGE_M, seatOf } from "@/core/weather";
import {
  COVERAGE_WORDS,
  STORED_FROM_WORDS,
  GROUND_WORDS,
  SEAT_WORDS,
  REFUGE_WORDS,
  SHELTER_WORDS,
  TERRAIN_WORDS,
} from "@/formats/display/words/place-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { editSetting } from "@/stores/sheet/edits";
import { ChoiceField, optionsOf } from "../../fields/choice-field";
import { NumberField } from "../../fields/number-field";
import { TrackFields } from "./track-fields";

const M_PER_KM = 1000;
const USUAL_WALK: WalkIn = {
  distanceM: 1500,
  climbM: 0,
  loadKg: 8,
  terrain: "dirt",
  snowSinkingCm: 0,
  snowshoes: false,
};
const USUAL_ICE_M = 0.3;
const CM_PER_M = 100;

type Fields = { readonly setting: PlaceSetting };

function Check({
  label,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-6 items-center gap-2">
      <input
        type="checkbox"
        className="size-4"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}

function Seat({ setting }: Fields) {
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
      <Check
        label="Snow lies about"
        checked={setting.snowCover ?? false}
        onChange={(snowCover) => editSetting("snow about", { snowCover })}
      />
    </>
  );
}

function WalkFields({ walkIn }: { readonly walkIn: WalkIn }) {
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
      <Check label="On snowshoes" checked={walkIn.snowshoes} onChange={(snowshoes) => change({ snowshoes })} />
      <p className="text-muted text-sm">
        Walk in and walk out take their effort from this and from their minutes, unless they name an effort themselves.
      </p>
    </>
  );
}

/** Where and when it is warm, and whether help can be called. */
function Safety({ setting }: Fields) {
  const refuge = setting.refuge ?? { kind: "none" as const, minutesAway: 0 };
  return (
    <>
      <ChoiceField
        label="Warmth near by"
        value={refuge.kind}
        options={optionsOf(REFUGE_WORDS)}
        onChange={(kind) => editSetting("refuge", { refuge: { ...refuge, kind } })}
      />
      {refuge.kind !== "none" && (
        <NumberField
          label="Minutes away on foot"
          unit="min"
          value={refuge.minutesAway}
          low={OUTING_RANGE.refugeMinutes[0]}
          high={OUTING_RANGE.refugeMinutes[1]}
          step={5}
          decimals={0}
          onChange={(minutes) => editSetting("refuge", { refuge: { ...refuge, minutesAway: Math.round(minutes) } })}
        />
      )}
      <ChoiceField
        label="Boots and gloves come from"
        value={setting.storedFrom ?? "house"}
        options={optionsOf(STORED_FROM_WORDS)}
        onChange={(storedFrom) => editSetting("where boots stood", { storedFrom })}
      />
      <ChoiceField
        label="Telephone coverage"
        value={setting.coverage ?? "unknown"}
        options={optionsOf(COVERAGE_WORDS)}
        onChange={(coverage) => editSetting("coverage", { coverage })}
      />
    </>
  );
}

type Coordinates = Pick<PlaceSetting, "latitudeDeg" | "longitudeDeg">;
const WHERE = "where on earth";

/** Latitude and longitude, both or none: half of them would be another place. */
function OnEarth({ setting }: Fields) {
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
        label="Latitude, north positive"
        unit="°"
        value={latitudeDeg ?? null}
        low={OUTING_RANGE.latitudeDeg[0]}
        high={OUTING_RANGE.latitudeDeg[1]}
        step={0.1}
        decimals={2}
        onChange={(next) => take({ latitudeDeg: next })}
      />
      <NumberField
        label="Longitude, east positive"
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
          No coordinates
        </button>
      )}
      {isHalf && (
        <p role="status" className="text-muted w-full text-sm">
          Give the other one too: sun and forecast need both, and nothing is kept until then.
        </p>
      )}
    </div>
  );
}

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
        <legend className="font-semibold">The way in</legend>
        <Check
          label="Describe the way"
          checked={setting.walkIn !== undefined}
          onChange={(isGiven) => editSetting("walk in", { walkIn: isGiven ? USUAL_WALK : undefined })}
        />
        {setting.walkIn && <WalkFields walkIn={setting.walkIn} />}
        <TrackFields view={view} />
      </fieldset>
      <fieldset className="border-line flex min-w-0 flex-col gap-3 border-t pt-2">
        <legend className="font-semibold">Warmth and help</legend>
        <Safety setting={setting} />
      </fieldset>
      <fieldset className="border-line flex min-w-0 flex-col gap-3 border-t pt-2">
        <legend className="font-semibold">Where on earth, for sun and dark</legend>
        <OnEarth setting={setting} />
      </fieldset>
    </div>
  );
}
