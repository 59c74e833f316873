import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useState, type FormEvent } from "react";
import type { OutfitPiece, OutfitsView } from "@/formats/wire/kit/outfit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $outfits, fetchOutfits, removeOutfit, keepWorn, wearOutfit } from "@/stores/sheet/outfits";
import { OutfitTable, type NamedOutfit } from "./outfit-table";
import { TextField } from "../../fields/text-field";

type Props = { readonly view: OutingView };

const lastOf = ({ last }: OutfitsView): NamedOutfit[] =>
  last && last.wearings.length > 0 ? [{ name: m.asFor({ name: last.name }), pieces: last.wearings }] : [];
const kept = ({ outfits }: OutfitsView): NamedOutfit[] =>
  outfits.map(({ name, wearings }) => ({ name, pieces: wearings }));
const countText = (pieces: readonly OutfitPiece[]): string => m.countOfPieces({ count: pieces.length });

/** Whole outfits: what was worn the last time, and what was kept under a name. */
export function Outfits({ view }: Props) {
  const found = useStore($outfits);
  const [name, setName] = useState("");
  const [told, setTold] = useState<{ readonly words: string; readonly isProblem: boolean } | null>(null);
  const run = async (work: () => Promise<void>, words: string): Promise<void> => {
    try {
      await work();
      setTold({ words, isProblem: false });
    } catch (error) {
      setTold({ words: (error as Error).message, isProblem: true });
    }
  };
  useEffect(() => {
    fetchOutfits().catch((error: Error) => setTold({ words: error.message, isProblem: true }));
  }, [view.person.id]);
  const wear = (words: string, pieces: readonly OutfitPiece[]): void => {
    const missing = wearOutfit(words, pieces);
    const left = missing === 0 ? "" : m.noLongerInTheKitLeft({ missing });
    setTold({ words: m.youWearNowUndoBringsBack({ words, left }), isProblem: false });
  };
  const keep = (event: FormEvent): void => {
    event.preventDefault();
    const wanted = name.trim();
    if (wanted === "") setTold({ words: m.giveTheOutfitAName, isProblem: true });
    else void run(() => keepWorn(wanted), m.isKept({ wanted }));
  };
  const last = found?.last;
  return (
    <div className="flex flex-col gap-4">
      <ul className="flex flex-col gap-2">
        {last && last.wearings.length > 0 && (
          <li className="flex flex-wrap items-center gap-3">
            <button
              type="button"
              className="press"
              onClick={() => wear(m.theSameAsFor({ name: last.name }), last.wearings)}
            >
              {m.theSameAsLastTime}
            </button>
            <span className="text-muted text-sm">
              {last.name}, {countText(last.wearings)}
            </span>
          </li>
        )}
        {found?.outfits.map(({ id, name: own, wearings }) => (
          <li key={id} className="flex flex-wrap items-center gap-3">
            <button type="button" className="press" onClick={() => wear(own, wearings)}>
              {own}
            </button>
            <span className="text-muted text-sm">{countText(wearings)}</span>
            <button
              type="button"
              className="press press-small"
              onClick={() => void run(() => removeOutfit(id), m.isForgotten({ own }))}
            >
              {m.forget}
              <span className="sr-only"> {own}</span>
            </button>
          </li>
        ))}
        {found && found.outfits.length === 0 && <li className="text-muted">{m.noOutfitIsKeptUnderA}</li>}
      </ul>
      {found && <OutfitTable view={view} outfits={[...lastOf(found), ...kept(found)]} />}
      <form className="flex flex-wrap items-end gap-3" onSubmit={keep} noValidate>
        <TextField label={m.keepWhatIsWornInThe} value={name} onChange={setName} />
        <button type="submit" className="press border-accent">
          {m.keepOutfit}
        </button>
      </form>
      {told && (
        <p role={told.isProblem ? "alert" : "status"} className={told.isProblem ? "text-cranberry" : "text-sm"}>
          {told.words}
        </p>
      )}
    </div>
  );
}
