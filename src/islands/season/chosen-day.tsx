import * as m from "@/messages";
import { useState } from "react";
import type { SeasonDay } from "@/core/season";
import { calendarDateText } from "@/formats/display/calendar-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { messageOf } from "@/stores/message-of";
import { planDay } from "@/stores/season/plan-day";
import { planTrip } from "@/stores/season/plan-trip";
import type { Found } from "@/stores/season/season";
import { NumberField } from "../fields/number-field";
import { Problem } from "../fields/problem";
import { dayWords } from "./season-calendar";

type Props = { readonly view: OutingView; readonly found: Found; readonly day: SeasonDay | null };

/** Days of a season that are planned as a trip (assumptions). */
const USUAL_TRIP_DAYS = 3;
const MOST_TRIP_DAYS = 14;

/** A day that was pressed, to be planned as an outing, or with those after it as a trip. */
export function ChosenDay({ view, found, day }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const [tripDays, setTripDays] = useState(USUAL_TRIP_DAYS);
  const planAll = async (first: SeasonDay): Promise<void> => {
    setProblem(null);
    const from = found.days.indexOf(first);
    const days = found.days.slice(from, from + tripDays);
    try {
      window.location.assign(`/trips/${await planTrip(view, days, found, (own) => outfitOn(found, own))}`);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const plan = async (chosen: SeasonDay): Promise<void> => {
    setProblem(null);
    try {
      window.location.assign(`/outings/${await planDay(view, chosen, found, outfitOn(found, chosen))}`);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <div className="flex min-h-11 flex-wrap items-center gap-3">
      <p role="status" className="font-semibold">
        {day ? `${calendarDateText(day.date)}: ${dayWords(day)}` : m.seasonChooseDay}
      </p>
      {day && (
        <>
          <button type="button" className="press border-accent no-print" onClick={() => void plan(day)}>
            {m.seasonPlanDay}
          </button>
          <span className="no-print flex flex-wrap items-end gap-2">
            <button type="button" className="press" onClick={() => void planAll(day)}>
              {m.seasonPlanTrip}
            </button>
            <NumberField
              label={m.seasonTripDays}
              unit={m.tripDays}
              value={tripDays}
              low={2}
              high={MOST_TRIP_DAYS}
              step={1}
              decimals={0}
              onChange={setTripDays}
            />
          </span>
        </>
      )}
      <Problem words={problem} />
    </div>
  );
}

/** What a day of a kit is best for. */
function outfitOn({ ofKit, days }: Found, day: SeasonDay) {
  const outfit = ofKit?.season.days[days.indexOf(day)]?.outfit ?? null;
  return ofKit && outfit !== null ? { kit: ofKit.kit, outfit: ofKit.season.outfits[outfit]! } : null;
}
