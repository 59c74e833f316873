import * as m from "@/messages";
import type { DressedOutfit } from "@/core/dresser";
import { plainNumber } from "@/formats/display/numbers";
import { loadText } from "@/formats/display/quantities";
import { boundText, lastsText, outfitName } from "@/formats/display/words/dresser-words";
import { limitWords } from "@/formats/display/words/limit-words";

type Props = {
  readonly outfits: readonly DressedOutfit[];
  readonly chosen: number | null;
  readonly onChoose: (place: number) => void;
};

const endsWords = ({ verdict }: DressedOutfit): string =>
  verdict.kind === "longerThan" ? "–" : limitWords(verdict.crossing.limit, verdict.crossing.place);

/** The same outfits in figures. */
export const FrontTable = ({ outfits, chosen, onChoose }: Props) => (
  <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.inFigures}>
    <table className="w-full text-sm">
      <thead>
        <tr className="text-muted border-line border-b text-left">
          <th scope="col" className="py-1 pr-3 font-normal">
            {m.columnOutfit}
          </th>
          <th scope="col" className="pr-3 font-normal">
            {m.columnLasts}
          </th>
          <th scope="col" className="pr-3 font-normal">
            {m.columnRange}
          </th>
          <th scope="col" className="pr-3 font-normal">
            {m.columnCarried}
          </th>
          <th scope="col" className="pr-3 font-normal">
            {m.columnPack}
          </th>
          <th scope="col" className="pr-3 font-normal">
            {m.columnEnds}
          </th>
          <th scope="col" className="font-normal">
            {m.columnDoes}
          </th>
        </tr>
      </thead>
      <tbody>
        {outfits.map((outfit, place) => (
          <tr key={place} className={`border-line border-b ${place === chosen ? "bg-raised font-semibold" : ""}`}>
            <th scope="row" className="py-1 pr-3 text-left">
              <button
                type="button"
                className="min-h-6 text-left underline decoration-dotted underline-offset-4"
                aria-pressed={place === chosen}
                onClick={() => onChoose(place)}
              >
                {outfitName(outfit, place)}
              </button>
            </th>
            <td className="pr-3 whitespace-nowrap tabular-nums">{lastsText(outfit)}</td>
            <td className="pr-3 whitespace-nowrap tabular-nums">
              {boundText(outfit.low)} – {boundText(outfit.high)}
            </td>
            <td className="pr-3 whitespace-nowrap tabular-nums">{loadText(outfit.carriedG)}</td>
            <td className="pr-3 whitespace-nowrap tabular-nums">
              {loadText(outfit.packG)}, {plainNumber(outfit.packL, 0)} L
            </td>
            <td className="pr-3">{endsWords(outfit)}</td>
            <td>{outfit.does ? m.doesIt : m.doesNot}</td>
          </tr>
        ))}
      </tbody>
    </table>
  </div>
);
