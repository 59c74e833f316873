import * as m from "@/messages";
import type { Preferences } from "@/formats/display/preferences";
import { changePreferences } from "@/stores/preferences";

/** How to begin, in a sentence, until it is put away for good. */
export function Hint({ preferences }: { readonly preferences: Preferences }) {
  if (preferences.hint === "dismissed") return null;
  return (
    <p className="bg-shade no-print flex items-start justify-between gap-2 px-2 py-1 text-sm">
      <span>{m.dragAnHourTheEdgeOf}</span>
      <button
        type="button"
        className="press press-small shrink-0"
        onClick={() => changePreferences({ hint: "dismissed" })}
      >
        {m.putAway}
      </button>
    </p>
  );
}
