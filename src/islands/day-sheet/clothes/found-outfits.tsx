import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $found, forgetFound, pointAt, pointAway, takeUpFound, wearFound } from "@/stores/dresser/found-outfits";

/** What the dresser found for this outing: pointed at, its curves stand as a ghost beside those of what is worn. */
export function FoundOutfits({ view }: { readonly view: OutingView }) {
  const found = useStore($found);
  useEffect(takeUpFound, [view.id]);
  if (found.length === 0) return null;
  return (
    <section
      aria-label={m.foundOutfits}
      className="no-print border-line flex flex-wrap items-center gap-1.5 border-b py-1"
      data-testid="found-outfits"
    >
      <span className="text-muted text-sm" title={m.foundOutfitsSay}>
        {m.foundOutfits}
      </span>
      {found.map((outfit) => (
        <button
          key={outfit.name}
          type="button"
          className="press press-small"
          onPointerEnter={() => void pointAt(outfit)}
          onPointerLeave={pointAway}
          onFocus={() => void pointAt(outfit)}
          onBlur={pointAway}
          onClick={() => wearFound(outfit)}
        >
          {outfit.name}
        </button>
      ))}
      <button type="button" className="press press-small" onClick={() => forgetFound(view.id)}>
        {m.forgetFound}
      </button>
    </section>
  );
}
