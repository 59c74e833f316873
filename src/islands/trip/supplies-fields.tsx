import * as m from "@/messages";
import { SUPPLIES_RANGE } from "@/core/trip";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { changeSupplies } from "@/stores/trip/trip";
import { CheckField } from "../fields/check-field";
import { NumberField } from "../fields/number-field";
import { DevicesFields } from "./devices-fields";

/** What is brought first of packs that are counted (assumption). */
const USUAL_PACKS = 10;

const without = (packs: Readonly<Record<string, number>>, id: string): Record<string, number> =>
  Object.fromEntries(Object.entries(packs).filter(([own]) => own !== id));

/** How many packs there are, and what power banks hold. */
export function SuppliesFields({ trip }: { readonly trip: TripView }) {
  const { days, content } = trip;
  const { packs, powerBankWh } = content.supplies;
  const worn = new Set(days.flatMap(({ outing }) => outing.wearings.map(({ pieceId }) => pieceId)));
  const heats = [
    ...new Map(
      days.flatMap(({ outing }) =>
        outing.kit.filter(({ id, traits }) => worn.has(id) && traits.heat).map((piece) => [piece.id, piece] as const),
      ),
    ).values(),
  ];
  return (
    <section aria-labelledby="supplies" className="flex flex-col gap-3">
      <h2 id="supplies" className="text-lg font-semibold">
        {m.tripSupplies}
      </h2>
      <div className="flex flex-wrap items-end gap-4">
        {heats
          .filter(({ traits }) => traits.heat?.kind === "pack")
          .map(({ id, name }) => (
            <div key={id} className="flex flex-col gap-1">
              <CheckField
                label={m.tripCountPacks({ name })}
                checked={packs[id] !== undefined}
                onChange={(isCounted) =>
                  changeSupplies({ packs: isCounted ? { ...packs, [id]: USUAL_PACKS } : without(packs, id) })
                }
              />
              {packs[id] !== undefined && (
                <NumberField
                  label={m.tripPacksThere({ name })}
                  unit={m.tripSinglePacks}
                  value={packs[id]}
                  low={SUPPLIES_RANGE.packs[0]}
                  high={SUPPLIES_RANGE.packs[1]}
                  step={1}
                  decimals={0}
                  onChange={(count) => changeSupplies({ packs: { ...packs, [id]: count } })}
                />
              )}
            </div>
          ))}
        <NumberField
          label={m.tripPowerBank}
          unit="Wh"
          value={powerBankWh}
          low={SUPPLIES_RANGE.powerBankWh[0]}
          high={SUPPLIES_RANGE.powerBankWh[1]}
          step={5}
          decimals={0}
          onChange={(wh) => changeSupplies({ powerBankWh: wh })}
        />
      </div>
      <DevicesFields trip={trip} />
      <p className="text-muted max-w-prose text-sm">{m.tripSuppliesSay}</p>
    </section>
  );
}
