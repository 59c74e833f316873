import * as m from "@/messages";
import type { PlaceSetting } from "@/core/outing";
import { GROUNDS, SEAT_HEIGHT_RANGE_M, SHELTER, seatOf, type Shelter } from "@/core/weather";
import { GROUND_WORDS, SEAT_WORDS, SHELTER_WORDS } from "@/formats/display/words/place-words";
import type { Position } from "@/formats/position/read-position";
import type { PlaceContent } from "@/formats/wire/places/place-view";
import { zoneAt } from "@/stores/places";
import { CheckField } from "../fields/check-field";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { QuantityField } from "../fields/quantity-field";
import { TextField } from "../fields/text-field";
import { DrawnChoice } from "./drawn-choice";
import { GROUND_DRAWINGS, SHELTER_DRAWINGS } from "./drawings";
import { PlaceMap, type MarkedPlace } from "./place-map";
import { PositionField } from "./position-field";
import { ownZone } from "./usual-place";
import { WhatIsKnown } from "./what-is-known";

/** Clocks of the world by their IANA names. */
const zones = (own: string): [string, string][] =>
  [...new Set([own, ownZone(), "UTC", ...Intl.supportedValuesOf("timeZone")])].map((zone) => [
    zone,
    zone.replaceAll("_", " "),
  ]);

export const positionOf = ({ latitudeDeg, longitudeDeg }: PlaceSetting): Position | null =>
  latitudeDeg === undefined || longitudeDeg === undefined ? null : { latitudeDeg, longitudeDeg };

type Props = {
  readonly place: PlaceContent;
  readonly others: readonly MarkedPlace[];
  /** Given as a change of what is there: a clock is found a moment after the point it belongs to. */
  readonly onChange: (change: (before: PlaceContent) => PlaceContent) => void;
};

/** A place: where on earth, what shelters it, what one sits and stands on. */
export function PlaceForm({ place, others, onChange }: Props) {
  const { setting } = place;
  const position = positionOf(setting);
  const set = (part: Partial<PlaceContent>): void => onChange((before) => ({ ...before, ...part }));
  const setSetting = (part: Partial<PlaceSetting>): void =>
    onChange((before) => ({ ...before, setting: { ...before.setting, ...part } }));
  const move = (next: Position): void => {
    setSetting(next);
    const isThere = ({ setting: now }: PlaceContent): boolean =>
      now.latitudeDeg === next.latitudeDeg && now.longitudeDeg === next.longitudeDeg;
    void zoneAt(next).then(
      // The point may have moved on meanwhile: its clock is another.
      (timeZone) => onChange((before) => (isThere(before) ? { ...before, timeZone } : before)),
      () => undefined, // the clock stays as it was and can be chosen
    );
  };
  return (
    <div className="flex flex-col gap-4">
      <TextField label={m.nameOfThePlace} value={place.name} onChange={(name) => set({ name })} />
      <PlaceMap position={position} others={others} onChange={move} />
      <PositionField position={position} onChange={move} />
      <p className="text-sm">
        {position ? (
          <>
            {m.clockThere} <strong>{place.timeZone.replaceAll("_", " ")}</strong>{" "}
            <span className="text-muted">{m.nearABorderLookWhetherIt}</span>
          </>
        ) : (
          <span className="text-muted">
            {m.withoutAPointOnTheMap} {place.timeZone.replaceAll("_", " ")}.
          </span>
        )}
      </p>
      <details>
        <summary className="text-sm underline">{m.anotherClock}</summary>
        <ChoiceField
          label={m.itsClock}
          value={place.timeZone}
          options={zones(place.timeZone)}
          onChange={(timeZone) => set({ timeZone })}
        />
      </details>
      {position && <WhatIsKnown position={position} timeZone={place.timeZone} />}
      <DrawnChoice
        label={m.whatKeepsTheWindOff}
        value={setting.shelter}
        options={(Object.keys(SHELTER) as Shelter[]).map((shelter) => ({
          value: shelter,
          words: SHELTER_WORDS[shelter],
          drawing: SHELTER_DRAWINGS[shelter],
        }))}
        onChange={(shelter) => setSetting({ shelter })}
      />
      <DrawnChoice
        label={m.feetStandOnTitle}
        value={setting.ground}
        options={GROUNDS.map((ground) => ({
          value: ground,
          words: GROUND_WORDS[ground],
          drawing: GROUND_DRAWINGS[ground],
        }))}
        onChange={(ground) =>
          setSetting({ ground, ...(ground === "snow" || ground === "ice" ? { snowCover: true } : {}) })
        }
      />
      <div className="flex flex-wrap items-end gap-4">
        <ChoiceField
          label={m.youSitOnTitle}
          value={seatOf(setting)}
          options={optionsOf(SEAT_WORDS)}
          onChange={(seat) => setSetting({ seat })}
        />
        <QuantityField
          label={m.heightOfTheSeatAboveGround}
          quantity="height"
          value={setting.seatHeightM}
          range={SEAT_HEIGHT_RANGE_M}
          onChange={(seatHeightM) => setSetting({ seatHeightM })}
        />
        <CheckField
          label={m.snowLiesAbout}
          checked={setting.snowCover ?? false}
          onChange={(snowCover) => setSetting({ snowCover })}
        />
      </div>
      {setting.ground === "ice" && (
        <p role="note" className="border-rust border-l-4 pl-3 text-sm">
          {m.umiakDoesNotKnowWhetherIce}
        </p>
      )}
      {setting.seatHeightM >= 2 && (
        <p role="note" className="border-rust border-l-4 pl-3 text-sm">
          {m.highSeatsHarnessOnBeforeThe}
        </p>
      )}
    </div>
  );
}
