import * as m from "@/messages";
import { insulationFigure, loadText, unitLabel } from "@/formats/display/quantities";
import { useEffect, useState } from "react";
import { NOISE } from "@/core/pieces";
import { moneyText, plainNumber } from "@/formats/display/numbers";
import { durationText } from "@/formats/display/time";
import type { OutfitPiece } from "@/formats/wire/kit/outfit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { SHOWN_SITES, worthOf, type OutfitWorth } from "@/stores/sheet/outfit-worth";
import { FigureTable, type FigureRow } from "../../bench/figure-table";

export type NamedOutfit = { readonly name: string; readonly pieces: readonly OutfitPiece[] };
type Props = { readonly view: OutingView; readonly outfits: readonly NamedOutfit[] };
type Row = FigureRow<OutfitWorth, NamedOutfit>;

const NOT_KNOWN = m.notKnownOfAll;
/** As many as can be read beside each other. */
const MOST_OUTFITS = 6;

const SITE_WORDS: Readonly<Record<(typeof SHOWN_SITES)[number], string>> = {
  scalp: "head",
  neck: "neck",
  chest: "chest",
  "upperArm.left": m.upperArm,
  "fingers.left": "fingers",
  "thigh.left": "thigh",
  "toes.left": "toes",
  "sole.left": m.soleUnderWeight,
};

const rowsOf = (currency: string | null): Row[] => [
  { title: m.which, text: (_, { name }) => name },
  {
    title: m.minutesStillHere,
    text: ({ minutes }) => (minutes === null ? m.longerThanIsLookedAt : durationText(minutes)),
  },
  ...SHOWN_SITES.map((site, index): Row => ({
    title: m.skinToAir({ unitLabel: unitLabel("insulation"), site: SITE_WORDS[site] }),
    text: ({ sitesM2KPerW }) => insulationFigure(sitesM2KPerW[index]!, 2),
  })),
  {
    title: m.mass,
    text: ({ massG }) => (massG === null ? NOT_KNOWN : loadText(massG)),
  },
  { title: m.packed, text: ({ volumeL }) => (volumeL === null ? NOT_KNOWN : `${plainNumber(volumeL, 0)} L`) },
  {
    title: m.price,
    text: ({ priceMinor }) => (priceMinor === null || currency === null ? NOT_KNOWN : moneyText(priceMinor, currency)),
  },
  { title: m.loudestPiece, text: ({ noise }) => (noise === null ? m.notKnown : NOISE[noise]!) },
];

/** Outfits side by side in this plan's weather, place and phases. */
export function OutfitTable({ view, outfits }: Props) {
  const shown = outfits.slice(0, MOST_OUTFITS);
  const [worths, setWorths] = useState<readonly (OutfitWorth | null)[]>([]);
  const { weather, phases, kit } = view;
  const key = shown.map(({ name }) => name).join("\n");
  useEffect(() => {
    let isCancelled = false;
    void (async () => {
      const found: (OutfitWorth | null)[] = [];
      for (const { pieces } of shown) {
        found.push(await worthOf(view, pieces));
        if (isCancelled) return;
        setWorths([...found]);
      }
    })();
    return () => {
      isCancelled = true;
    };
    // What the answers follow from; what is worn now does not change them.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, weather, phases, kit]);
  if (shown.length === 0) return null;
  const currency = kit.find((piece) => piece.currency !== null)?.currency ?? null;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.outfitsSideBySide}>
      <FigureTable
        head={m.outfit}
        rows={rowsOf(currency)}
        answers={shown.map((_, index) => worths[index] ?? null)}
        chosen={shown}
      />
    </div>
  );
}
