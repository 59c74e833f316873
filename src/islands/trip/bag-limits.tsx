import * as m from "@/messages";
import { BAG_RANGE } from "@/core/trip";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { changeBag } from "@/stores/trip/trip";
import { CheckField } from "../fields/check-field";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";

/** What is offered first when a limit is set (assumptions: a bag that is checked in, a large pack). */
const USUAL_KG = 15;
const USUAL_L = 70;
const USUAL_PIECES = 25;

/** What the bag may weigh and hold. */
export function BagLimits({ trip }: { readonly trip: TripView }) {
  const { mostKg, mostL, mostPieces, countsWorn } = trip.content.bag;
  return (
    <section aria-labelledby="bag-limits" className="no-print flex flex-col gap-3">
      <h2 id="bag-limits" className="text-lg font-semibold">
        {m.tripBagLimits}
      </h2>
      <div className="flex flex-wrap items-start gap-5">
        <div className="flex flex-col gap-1">
          <CheckField
            label={m.tripLimitKg}
            checked={mostKg !== null}
            onChange={(is) => changeBag({ mostKg: is ? USUAL_KG : null })}
          />
          {mostKg !== null && (
            <QuantityField
              label={m.tripMostKg}
              quantity="mass"
              value={mostKg}
              range={BAG_RANGE.mostKg}
              onChange={(kg) => changeBag({ mostKg: kg })}
            />
          )}
        </div>
        <div className="flex flex-col gap-1">
          <CheckField
            label={m.tripLimitL}
            checked={mostL !== null}
            onChange={(is) => changeBag({ mostL: is ? USUAL_L : null })}
          />
          {mostL !== null && (
            <NumberField
              label={m.tripMostL}
              unit="L"
              value={mostL}
              low={BAG_RANGE.mostL[0]}
              high={BAG_RANGE.mostL[1]}
              step={5}
              decimals={0}
              onChange={(litres) => changeBag({ mostL: litres })}
            />
          )}
        </div>
        <div className="flex flex-col gap-1">
          <CheckField
            label={m.tripLimitPieces}
            checked={mostPieces !== null}
            onChange={(is) => changeBag({ mostPieces: is ? USUAL_PIECES : null })}
          />
          {mostPieces !== null && (
            <NumberField
              label={m.tripMostPieces}
              unit={m.tripPiecesUnit}
              value={mostPieces}
              low={BAG_RANGE.mostPieces[0]}
              high={BAG_RANGE.mostPieces[1]}
              step={1}
              decimals={0}
              onChange={(count) => changeBag({ mostPieces: count })}
            />
          )}
        </div>
        <CheckField label={m.tripCountsWorn} checked={countsWorn} onChange={(is) => changeBag({ countsWorn: is })} />
      </div>
    </section>
  );
}
