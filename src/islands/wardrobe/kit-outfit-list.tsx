import * as m from "@/messages";
import { PLACEMENT, type Placement } from "@/core/dresser";
import { codeOf, problemOf } from "@/core/wardrobe";
import { outfitsWorn, type KitOutfits } from "@/formats/display/kit-outfits";
import { quantityText } from "@/formats/display/quantities";
import { PieceList, type ListedPiece } from "../dresser/piece-list";

type Props = {
  readonly found: KitOutfits;
  /** What is said of where an outfit, by its place among all, is worn. */
  readonly wornWords: (outfit: number) => string;
  /** Stands open. */
  readonly open: number | null;
  readonly currency: string;
};

const PLACEMENTS: readonly (readonly [Placement, string])[] = [
  [PLACEMENT.start, m.wearFromStart],
  [PLACEMENT.seat, m.putOnAtTheSeat],
  [PLACEMENT.way, m.wornOnTheWayOnly],
];

/** The outfits that are the ones to wear somewhere, each with its pieces. */
export function KitOutfitList({ found, wornWords, open, currency }: Props) {
  const problem = problemOf(found.kit);
  return (
    <section aria-label={m.kitOutfits} className="flex flex-col gap-1">
      <h2 className="text-lg font-semibold">{m.kitOutfits}</h2>
      {outfitsWorn(found).map((outfit, place) => {
        const code = codeOf(found.outfits[outfit]!);
        const worn = (placement: Placement): ListedPiece[] =>
          found.kit.pieces.flatMap((piece, index) =>
            code[index] === placement ? [{ piece, massG: problem.massesG[index]!, side: "both" as const }] : [],
          );
        return (
          <details key={outfit} open={outfit === open} className="border-line border-t py-1">
            <summary className="cursor-pointer">
              <strong>{m.kitOutfitNumber({ number: place + 1 })}</strong>,{" "}
              {quantityText("mass", problem.massG(code) / 1000)}: {wornWords(outfit)}
            </summary>
            <div className="grid gap-4 pt-2 md:grid-cols-3">
              {PLACEMENTS.map(([placement, title]) => (
                <PieceList key={placement} title={title} pieces={worn(placement)} currency={currency} />
              ))}
            </div>
          </details>
        );
      })}
    </section>
  );
}
