import * as m from "@/messages";
import { NIGHT_KINDS, NIGHT_RANGE, USUAL_NIGHT, type NightKind } from "@/core/trip";
import { dateText } from "@/formats/display/time";
import { NIGHT_WORDS } from "@/formats/display/words/trip-words";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { changeNights } from "@/stores/trip/trip";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";

/** Days that begin together: who goes together sleeps in one place. */
function groupsOf(days: TripView["days"]): number[][] {
  const groups = new Map<string, number[]>();
  days.forEach(({ outing }, place) => {
    const own = groups.get(outing.startsAt);
    if (own) own.push(place);
    else groups.set(outing.startsAt, [place]);
  });
  return [...groups.values()];
}

/** Where one sleeps after each day but the last. */
export function Nights({ trip: { days } }: { readonly trip: TripView }) {
  const nights = groupsOf(days)
    .slice(0, -1)
    .map((places) => ({ places, day: days[places[0]!]! }));
  return (
    <section aria-labelledby="nights" className="flex flex-col gap-3">
      <h2 id="nights" className="text-lg font-semibold">
        {m.tripNights}
      </h2>
      {nights.map(({ places, day: { outing, night } }) => (
        <fieldset key={outing.id} className="border-line flex flex-wrap items-end gap-4 border-t pt-2">
          <legend className="text-muted pr-2 text-sm">
            {m.tripNightAfter({
              day: dateText(outing.startsAt, outing.place.timeZone),
              name: places.map((place) => days[place]!.outing.person.name).join(", "),
            })}
          </legend>
          <ChoiceField<NightKind>
            label={m.tripWhere}
            value={night.kind}
            options={NIGHT_KINDS.map((kind) => [kind, NIGHT_WORDS[kind]] as const)}
            onChange={(kind) => changeNights(places, { ...USUAL_NIGHT[kind], kind })}
          />
          <QuantityField
            label={m.tripAir}
            quantity="temperature"
            value={night.air.airC}
            range={NIGHT_RANGE.airC}
            onChange={(airC) => changeNights(places, { air: { ...night.air, airC } })}
          />
          <NumberField
            label={m.relativeHumidity}
            unit="%"
            value={night.air.relativeHumidityPercent}
            low={NIGHT_RANGE.relativeHumidityPercent[0]}
            high={NIGHT_RANGE.relativeHumidityPercent[1]}
            step={5}
            decimals={0}
            onChange={(relativeHumidityPercent) =>
              changeNights(places, { air: { ...night.air, relativeHumidityPercent } })
            }
          />
          <NumberField
            label={m.tripFire}
            unit="h"
            value={night.fireHours}
            low={NIGHT_RANGE.fireHours[0]}
            high={NIGHT_RANGE.fireHours[1]}
            step={1}
            decimals={1}
            onChange={(fireHours) => changeNights(places, { fireHours })}
          />
          <CheckField
            label={m.tripDrier}
            checked={night.hasDrier}
            onChange={(hasDrier) => changeNights(places, { hasDrier })}
          />
          <CheckField
            label={m.tripMains}
            checked={night.hasMains}
            onChange={(hasMains) => changeNights(places, { hasMains })}
          />
          <CheckField
            label={m.tripWashing}
            checked={night.hasWashing}
            onChange={(hasWashing) => changeNights(places, { hasWashing })}
          />
        </fieldset>
      ))}
    </section>
  );
}
