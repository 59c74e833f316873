import * as m from "@/messages";
import { WETTINGS, type WettingKind } from "@/core/water";
import { WETTING_WORDS } from "@/formats/display/words/sheet-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { editPhase } from "@/stores/sheet/edits";

/** What water a phase brings besides rain and snow. */
export function WetBy({ view, index }: { readonly view: OutingView; readonly index: number }) {
  const wetBy = view.phases[index]!.wetBy ?? [];
  const toggled = (kind: WettingKind): readonly WettingKind[] =>
    wetBy.includes(kind) ? wetBy.filter((own) => own !== kind) : [...wetBy, kind];
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <legend className="text-muted">{m.getsWetByBesidesRainAnd}</legend>
      {WETTINGS.map((kind) => (
        <label key={kind} className="flex min-h-6 items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4"
            checked={wetBy.includes(kind)}
            onChange={() => editPhase(m.whatItGetsWetBy, index, { wetBy: toggled(kind) })}
          />
          {WETTING_WORDS[kind]}
        </label>
      ))}
    </fieldset>
  );
}
