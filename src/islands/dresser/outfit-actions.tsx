import * as m from "@/messages";
import { useState, type FormEvent } from "react";
import type { DressedOutfit } from "@/core/dresser";
import { loadText } from "@/formats/display/quantities";
import { keepDressed, wearDressed } from "@/stores/dresser/dresser";
import { TextField } from "../fields/text-field";

/** Wears it on the sheet, or keeps it by name. */
export function OutfitActions({ outfit, viewId }: { readonly outfit: DressedOutfit; readonly viewId: string }) {
  const [name, setName] = useState("");
  const [isKeeping, setIsKeeping] = useState(false);
  const [told, setTold] = useState<string | null>(null);
  const wear = async (): Promise<void> => {
    try {
      if (await wearDressed()) window.location.assign(`/outings/${viewId}`);
      else setTold(m.outfitNotSaved);
    } catch (error) {
      setTold((error as Error).message);
    }
  };
  const keep = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const wanted = name.trim();
    if (wanted === "") return setTold(m.giveTheOutfitAName);
    try {
      await keepDressed(wanted);
      setTold(m.outfitKept({ name: wanted }));
      setIsKeeping(false);
    } catch (error) {
      setTold((error as Error).message);
    }
  };
  return (
    <div className="no-print flex flex-col gap-2">
      <div className="flex flex-wrap gap-3">
        <button type="button" className="press border-accent border-2 font-semibold" onClick={() => void wear()}>
          {m.wearThisOutfit}
        </button>
        <button type="button" className="press" aria-expanded={isKeeping} onClick={() => setIsKeeping(!isKeeping)}>
          {m.keepOutfitAs}
        </button>
        <span className="self-center text-sm">{loadText(outfit.carriedG)}</span>
      </div>
      {isKeeping && (
        <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => void keep(event)}>
          <TextField label={m.outfitNameField} value={name} onChange={setName} />
          <button type="submit" className="press">
            {m.keep}
          </button>
        </form>
      )}
      <p role="status" className="text-sm">
        {told}
      </p>
    </div>
  );
}
