import * as m from "@/messages";
import { useState } from "react";
import type { Preferences } from "@/formats/display/preferences";
import type { StartingPoints } from "@/formats/wire/outing/starting-points";
import { $preferences } from "@/stores/preferences";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { OneOf } from "../fields/one-of";
import { FromEarlier } from "./from-earlier";
import { FromPlace } from "./from-place";
import { guarded } from "../page/guarded";

type Props = { readonly points: StartingPoints; readonly preferences: Preferences };
type Start = "place" | "earlier";

const WAYS: readonly (readonly [Start, string])[] = [
  ["place", m.fromAPlaceAndADate],
  ["earlier", m.likeAnEarlierOutingOrA],
];

/** A new outing: from a person, a place and a day, or like an earlier one or a worked example. */
function NewOuting({ points, preferences }: Props) {
  useInitially(() => $preferences.set(preferences));
  const [start, setStart] = useState<Start>("place");
  return (
    <OnceAlive>
      <div className="max-w-3xl">
        <h1 className="pt-6 text-2xl font-semibold">{m.planAnOuting}</h1>
        <OneOf label={m.start} value={start} options={WAYS} onChoose={setStart} />
        {start === "place" ? <FromPlace points={points} /> : <FromEarlier points={points} />}
      </div>
    </OnceAlive>
  );
}

export default guarded(NewOuting);
