import { useStore } from "@nanostores/react";
import { useEffect, useState, type FormEvent } from "react";
import { plainNumber } from "@/formats/display/numbers";
import { durationText } from "@/formats/display/time";
import type { OutfitPiece } from "@/formats/wire/outfit";
import type { OutingView } from "@/formats/wire/outing-view";
import {
  $outfits,
  fetchOutfits,
  forgetOutfit,
  keepWorn,
  wearOutfit,
  worthOf,
  type OutfitWorth,
} from "@/stores/outfits";
import { TextField } from "../text-field";

type Props = { readonly view: OutingView };

/** What an outfit comes to in this plan: the outfits of a list stand side by side by it. */
function Worth({ view, pieces }: { readonly view: OutingView; readonly pieces: readonly OutfitPiece[] }) {
  const [worth, setWorth] = useState<OutfitWorth | null>(null);
  const { weather, phases, kit } = view;
  useEffect(() => {
    let isOvertaken = false;
    void worthOf(view, pieces).then((answer) => {
      if (!isOvertaken) setWorth(answer);
    });
    return () => {
      isOvertaken = true;
    };
    // What the answer follows from besides the outfit; what is worn now does not change it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [pieces, weather, phases, kit]);
  if (!worth) return <span className="text-muted text-sm">…</span>;
  return (
    <span className="text-sm" data-testid="outfit-worth">
      <strong>{worth.minutes === null ? "longer than is looked at" : durationText(worth.minutes)}</strong> here
      {worth.massG !== null && `, ${plainNumber(worth.massG / GRAMS_PER_KG, 1)} kg`}
    </span>
  );
}

const GRAMS_PER_KG = 1000;
const countText = (pieces: readonly OutfitPiece[]): string =>
  `${pieces.length} ${pieces.length === 1 ? "piece" : "pieces"}`;

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
    const left = missing === 0 ? "" : ` ${missing} no longer in the kit, left out.`;
    setTold({ words: `You wear ${words} now. Undo brings back what was there.${left}`, isProblem: false });
  };
  const keep = (event: FormEvent): void => {
    event.preventDefault();
    const wanted = name.trim();
    if (wanted === "") setTold({ words: "Give the outfit a name.", isProblem: true });
    else void run(() => keepWorn(wanted), `${wanted} is kept.`);
  };
  const last = found?.last;
  return (
    <div className="flex flex-col gap-4">
      <ul className="flex flex-col gap-2">
        {last && last.wearings.length > 0 && (
          <li className="flex flex-wrap items-center gap-3">
            <button type="button" className="press" onClick={() => wear(`the same as for ${last.name}`, last.wearings)}>
              The same as last time
            </button>
            <span className="text-muted text-sm">
              {last.name}, {countText(last.wearings)}
            </span>
            <Worth view={view} pieces={last.wearings} />
          </li>
        )}
        {found?.outfits.map(({ id, name: own, wearings }) => (
          <li key={id} className="flex flex-wrap items-center gap-3">
            <button type="button" className="press" onClick={() => wear(own, wearings)}>
              {own}
            </button>
            <span className="text-muted text-sm">{countText(wearings)}</span>
            <Worth view={view} pieces={wearings} />
            <button
              type="button"
              className="press press-small"
              onClick={() => void run(() => forgetOutfit(id), `${own} is forgotten.`)}
            >
              Forget<span className="sr-only"> {own}</span>
            </button>
          </li>
        ))}
        {found && found.outfits.length === 0 && <li className="text-muted">No outfit is kept under a name yet.</li>}
      </ul>
      <form className="flex flex-wrap items-end gap-3" onSubmit={keep} noValidate>
        <TextField label="Keep what is worn in the sit as" value={name} onChange={setName} />
        <button type="submit" className="press border-accent">
          Keep outfit
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
