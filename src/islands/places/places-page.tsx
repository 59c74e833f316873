import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import type { Preferences } from "@/formats/display/preferences";
import type { PlaceContent, PlaceView } from "@/formats/wire/places/place-view";
import { $places, addPlace, retirePlace, savePlace } from "@/stores/places";
import { $preferences } from "@/stores/preferences";
import { guarded } from "../page/guarded";
import { KeptRow } from "../page/kept-row";
import { ListAndEditor, NEW } from "../page/list-and-editor";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { PlaceForm, positionOf } from "./place-form";
import type { MarkedPlace } from "./place-map";
import { usualPlace } from "./usual-place";

/** Places that have a point on earth, but for one. */
const markedBeside = (places: readonly PlaceView[], id: string | null): MarkedPlace[] =>
  places.flatMap((place) => {
    const position = positionOf(place.setting);
    return position && place.id !== id && !place.retired ? [{ name: place.name, ...position }] : [];
  });

type EditorProps = {
  readonly place: PlaceView | null;
  readonly places: readonly PlaceView[];
  readonly onAdded: (id: string) => void;
};

function PlaceEditor({ place, places, onAdded }: EditorProps) {
  const [draft, setDraft] = useState<PlaceContent>(() =>
    place ? { name: place.name, timeZone: place.timeZone, setting: place.setting } : usualPlace(),
  );
  const content = { ...draft, name: draft.name.trim() };
  return (
    <KeptRow
      title={place?.name ?? m.aNewPlaceTitle}
      row={place}
      lacks={content.name === "" ? m.giveThePlaceAName : null}
      keep={async () => (place ? savePlace(place, content) : onAdded(await addPlace(content)))}
      retire={async (retired) => place && retirePlace(place, retired)}
      keptWords={place ? m.keptNewOutingsStartFromThis : m.kept}
      edits={draft}
    >
      <PlaceForm place={draft} others={markedBeside(places, place?.id ?? null)} onChange={setDraft} />
    </KeptRow>
  );
}

type Props = { readonly initial: readonly PlaceView[]; readonly preferences: Preferences };

/** Every place where one sits, on a map. */
function PlacesPage({ initial, preferences }: Props) {
  useInitially(() => {
    $places.set(initial);
    $preferences.set(preferences);
  });
  const places = useStore($places);
  return (
    <OnceAlive>
      <ListAndEditor
        title={m.places}
        rows={places}
        newWords={m.aNewPlace2}
        editor={(place, choose) => (
          <PlaceEditor key={place?.id ?? NEW} place={place} places={places} onAdded={choose} />
        )}
      />
    </OnceAlive>
  );
}

export default guarded(PlacesPage);
