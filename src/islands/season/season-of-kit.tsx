import * as m from "@/messages";
import { useMemo, useState } from "react";
import { useStore } from "@nanostores/react";
import type { SeasonDay } from "@/core/season";
import { MINUTES_PER_HOUR } from "@/core/units";
import { whatToLeave } from "@/core/wardrobe";
import { moneyText, plainNumber } from "@/formats/display/numbers";
import { quantityText } from "@/formats/display/quantities";
import type { KitOutfits } from "@/formats/display/kit-outfits";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $preferences } from "@/stores/preferences";
import type { SeasonOfKit } from "@/stores/season/season";
import { NumberField } from "../fields/number-field";
import { KitOutfitList } from "../wardrobe/kit-outfit-list";
import { Purchases } from "./purchases";

type Props = {
  readonly view: OutingView;
  readonly ofKit: SeasonOfKit;
  readonly days: readonly SeasonDay[];
};

const hours = (minutes: number): string => plainNumber(minutes / MINUTES_PER_HOUR, 1);

/** What a season says of a whole kit: what to wear when, what to buy, what to leave. */
export function SeasonOfKitFound({ view, ofKit, days }: Props) {
  const { currency } = useStore($preferences);
  const found: KitOutfits = {
    kit: ofKit.kit,
    outfits: ofKit.season.outfits,
    wornAt: ofKit.season.days.map(({ outfit }) => outfit),
  };
  const wornWords = (outfit: number): string => {
    const own = days.filter((_, place) => found.wornAt[place] === outfit).map(({ airTemperatureC }) => airTemperatureC);
    return m.seasonWornOn({
      days: own.length,
      mildest: quantityText("temperature", Math.max(...own), 0),
      coldest: quantityText("temperature", Math.min(...own), 0),
    });
  };
  return (
    <>
      <KitOutfitList found={found} wornWords={wornWords} open={null} currency={currency} />
      <Purchases view={view} ofKit={ofKit} currency={currency} />
      <ToLeave ofKit={ofKit} currency={currency} />
    </>
  );
}

type Own = { readonly ofKit: SeasonOfKit; readonly currency: string };

const USUAL_YEARS = 5;
const MOST_YEARS = 30;

function ToLeave({ ofKit: { kit, season }, currency }: Own) {
  const [years, setYears] = useState(USUAL_YEARS);
  const { pieces, lostShare } = useMemo(() => whatToLeave(kit, season), [kit, season]);
  const sorted = [...pieces].sort((one, other) => other.lostMinutes - one.lostMinutes || other.wears - one.wears);
  const kept = pieces.filter(({ canGo }) => !canGo).length;
  return (
    <section className="flex flex-col gap-2">
      <h2 className="text-lg font-semibold">{m.seasonToLeave}</h2>
      <p className="max-w-prose text-sm">
        {m.seasonToLeaveSays({ kept, all: pieces.length, share: `${plainNumber(100 * lostShare, 1)} %` })}
      </p>
      <NumberField
        label={m.seasonYears}
        unit={m.yearsUnit}
        value={years}
        low={1}
        high={MOST_YEARS}
        step={1}
        decimals={0}
        onChange={setYears}
      />
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.seasonToLeave}>
        <table className="text-sm tabular-nums">
          <thead>
            <tr className="border-line text-muted border-b text-right">
              {[m.seasonPiece, m.seasonWears, m.seasonHoursLost, m.seasonPerWear, m.seasonCanGo].map((head, column) => (
                <th key={head} scope="col" className={`px-2 py-1 font-normal ${column === 0 ? "text-left" : ""}`}>
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sorted.map(({ piece, wears, lostMinutes, canGo }) => {
              const { name, priceMinor } = kit.pieces[piece]!;
              return (
                <tr key={piece} className="border-line border-b text-right">
                  <th scope="row" className="px-2 py-1 text-left font-normal">
                    {name}
                  </th>
                  <td className="px-2">{wears}</td>
                  <td className="px-2">{hours(lostMinutes)}</td>
                  <td className="px-2">
                    {priceMinor && wears > 0 ? moneyText(Math.round(priceMinor / (wears * years)), currency) : ""}
                  </td>
                  <td className="px-2">{canGo ? m.seasonYesGo : ""}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
