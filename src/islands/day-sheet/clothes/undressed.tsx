import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useState } from "react";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $outfits, fetchOutfits, wearOutfit } from "@/stores/sheet/outfits";

/** Said before any figure: put something on, with the ways that take one press. */
export function Undressed({ view, onAddClothes }: { readonly view: OutingView; readonly onAddClothes: () => void }) {
  const outfits = useStore($outfits);
  const [told, setTold] = useState<string | null>(null);
  useEffect(() => {
    fetchOutfits().catch((error: Error) => setTold(error.message));
  }, [view.person.id]);
  const last = outfits?.last && outfits.last.wearings.length > 0 ? outfits.last : null;
  const generic = async (): Promise<void> => {
    setTold(m.choosingByTheCold);
    try {
      // Generic clothes are fetched when they are wanted: most sheets are dressed.
      const { wearGenericByCold } = await import("@/stores/sheet/generic-outfit");
      await wearGenericByCold();
    } catch (error) {
      setTold((error as Error).message);
    }
  };
  return (
    <section
      aria-labelledby="undressed"
      className="border-accent my-2 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 py-2 pl-3"
      data-testid="undressed"
    >
      <div>
        <h2 id="undressed" className="text-xl font-semibold">
          {m.putSomethingOnFirst}
        </h2>
        <p className="text-muted text-sm">{m.nothingIsWornInTheSit}</p>
      </div>
      <div className="flex flex-wrap gap-2">
        <a className="press border-accent border-2 font-semibold" href={`/outings/${view.id}/dress`}>
          {m.dressMe}
        </a>
        {last && (
          <button type="button" className="press" onClick={() => wearOutfit(last.name, last.wearings)}>
            {m.asIn}
            {last.name}”
          </button>
        )}
        {outfits?.outfits.map(({ id, name, wearings }) => (
          <button key={id} type="button" className="press" onClick={() => wearOutfit(name, wearings)}>
            “{name}”
          </button>
        ))}
        <button type="button" className="press" onClick={() => void generic()}>
          {m.genericClothesChosenByTheCold}
        </button>
        <button type="button" className="press" onClick={onAddClothes}>
          {m.pieceByPiece}
        </button>
      </div>
      {told && (
        <p role="status" className="w-full text-sm">
          {told}
        </p>
      )}
    </section>
  );
}
