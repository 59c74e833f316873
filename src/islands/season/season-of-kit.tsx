import * as m from "@/messages";
import { useMemo, useState } from "react";
import { useStore } from "@nanostores/react";
import { MINOR_PER_UNIT } from "@/core/pieces";
import type { SeasonDay } from "@/core/season";
import { MINUTES_PER_HOUR } from "@/core/units";
import { whatToLeave } from "@/core/wardrobe";
import { moneyText, plainNumber } from "@/formats/display/numbers";
import { quantityText } from "@/formats/display/quantities";
import type { KitOutfits } from "@/formats/display/kit-outfits";
import { $preferences } from "@/stores/preferences";
import type { SeasonOfKit } from "@/stores/season/season";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";
import { KitOutfitList } from "../wardrobe/kit-outfit-list";

type Props = { readonly ofKit: SeasonOfKit; readonly days: readonly SeasonDay[]; readonly wantedMinutes: number };

const MOST_PRICE = 10_000;
const MASS_RANGE_G = [1, 20_000] as const;
const hours = (minutes: number): string => plainNumber(minutes / MINUTES_PER_HOUR, 1);

/** What a season says of a whole kit: what to wear when, what to buy, what to leave. */
export function SeasonOfKitFound({ ofKit, days }: Props) {
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
      <Purchases ofKit={ofKit} currency={currency} />
      <ToLeave ofKit={ofKit} currency={currency} />
    </>
  );
}

type Own = { readonly ofKit: SeasonOfKit; readonly currency: string };
/** What is said otherwise of a candidate than generic ones are. */
type Said = { readonly massG?: number; readonly priceMinor?: number };

function Purchases({ ofKit: { purchases, candidates }, currency }: Own) {
  const [said, setSaid] = useState<ReadonlyMap<number, Said>>(new Map());
  const [editing, setEditing] = useState<number | null>(null);
  const massOf = (piece: number): number => said.get(piece)?.massG ?? candidates[piece]!.massG ?? 0;
  const priceOf = (piece: number): number => said.get(piece)?.priceMinor ?? candidates[piece]!.priceMinor ?? 0;
  const say = (piece: number, part: Said): void => setSaid(new Map(said).set(piece, { ...said.get(piece), ...part }));
  if (purchases.length === 0) return <p>{m.seasonNothingToBuy}</p>;
  return (
    <section className="flex flex-col gap-2">
      <h2 className="text-lg font-semibold">{m.seasonToBuy}</h2>
      <p className="text-muted max-w-prose text-sm">{m.seasonToBuySays}</p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.seasonToBuy}>
        <table className="text-sm tabular-nums">
          <thead>
            <tr className="border-line text-muted border-b text-right">
              {[m.seasonPiece, m.seasonMoreOutings, m.seasonHoursWon, m.seasonPrice, m.seasonPerHour, m.seasonMass].map(
                (head, column) => (
                  <th key={head} scope="col" className={`px-2 py-1 font-normal ${column === 0 ? "text-left" : ""}`}>
                    {head}
                  </th>
                ),
              )}
            </tr>
          </thead>
          <tbody>
            {purchases.map(({ pieces, moreOutings, wonMinutes }) => {
              const price = pieces.reduce((sum, piece) => sum + priceOf(piece), 0);
              const massG = pieces.reduce((sum, piece) => sum + massOf(piece), 0);
              return (
                <tr key={pieces.join()} className="border-line border-b text-right">
                  <th scope="row" className="px-2 py-1 text-left font-normal">
                    {pieces.map((piece, place) => (
                      <span key={piece}>
                        {place > 0 && ` ${m.seasonTogetherWith} `}
                        <button
                          type="button"
                          className="link min-h-6 text-left"
                          aria-expanded={editing === piece}
                          onClick={() => setEditing(editing === piece ? null : piece)}
                        >
                          {candidates[piece]!.name}
                        </button>
                      </span>
                    ))}
                  </th>
                  <td className="px-2">{moreOutings}</td>
                  <td className="px-2">{hours(wonMinutes)}</td>
                  <td className="px-2">{moneyText(price, currency)}</td>
                  <td className="px-2">{moneyText(Math.round((price * MINUTES_PER_HOUR) / wonMinutes), currency)}</td>
                  <td className="px-2">{quantityText("smallMass", massG)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {editing !== null && (
        <div role="group" aria-label={candidates[editing]!.name} className="flex flex-wrap items-end gap-4">
          <strong>{candidates[editing]!.name}</strong>
          <NumberField
            key={`price ${editing}`}
            label={m.seasonPrice}
            unit={currency}
            value={priceOf(editing) / MINOR_PER_UNIT}
            low={0}
            high={MOST_PRICE}
            step={5}
            decimals={0}
            onChange={(price) => say(editing, { priceMinor: Math.round(price * MINOR_PER_UNIT) })}
          />
          <QuantityField
            key={`mass ${editing}`}
            label={m.seasonMass}
            quantity="smallMass"
            value={massOf(editing)}
            range={MASS_RANGE_G}
            onChange={(massG) => say(editing, { massG })}
          />
        </div>
      )}
    </section>
  );
}

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
