import * as m from "@/messages";
import { degreesOfKelvin, differenceText, unitLabel } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import { plainNumber, temperatureText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText, durationText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $emergency, askEmergency, type FallTold, type LeverTold } from "@/stores/answer/emergency";
import { NumberField } from "../../fields/number-field";
import { OnFoot } from "./on-foot";

type Props = { readonly view: OutingView; readonly minute: number; readonly preferences: Preferences };

/** Asked once edits have paused: it is never waited for. */
const QUIET_MS = 250;
/** By how much it goes wrong, until something else is typed. */
/** How much longer, colder and farther. */
export type Levers = { readonly hours: number; readonly colderK: number; readonly walkMinutes: number };
const USUAL_LEVERS: Levers = { hours: 3, colderK: 8, walkMinutes: 120 };
const COLDER_RANGE_K = [1, 30] as const;
const WIND_FACTOR = 2;

const minutesWords = (minutes: number | null, toShelter: boolean): string =>
  minutes === null
    ? toShelter
      ? m.notBeforeShelter
      : m.notWithinFourHours
    : m.after({ minutes: durationText(minutes) });

/** Less than this is even. */
const EVEN_WH_PER_M2 = 0.5;

/** What changing into dry things costs bare, and whether it has paid by then; both as against going on in what is wet. */
function changeWords(wet: FallTold, dry: FallTold): string {
  const soon = dry.debtSoon - wet.debtSoon;
  const then = wet.debtThen - dry.debtThen;
  const costs =
    soon > EVEN_WH_PER_M2
      ? m.changingBaresYouAndCostsW({ soon: plainNumber(soon, 0) })
      : m.changingCostsNothingWorthCounting;
  const end = wet.onArrival ? m.onArrival : m.afterAnHour;
  if (Math.abs(then) < EVEN_WH_PER_M2) return m.itIsEven({ costs, end });
  return then > 0
    ? m.itHasSaved({ costs, end, then: plainNumber(then, 0) })
    : m.itHasNotPaidYetMore({ costs, end, plainNumber: plainNumber(-then, 0) });
}

function Lever({ words, told }: { readonly words: string; readonly told: LeverTold | null }) {
  return (
    <li className="border-line border-t py-1">
      {words}:{" "}
      {told === null ? (
        "…"
      ) : (
        <>
          <strong>
            {told.lasts ? m.lastsAsAccepted : m.shortBy({ shortMinutes: durationText(told.shortMinutes) })}
          </strong>
          {m.byTheHardLimits}{" "}
          {told.hardMinutes === null ? m.itLasts : m.fromTheSitsStart({ hardMinutes: durationText(told.hardMinutes) })}
        </>
      )}
    </li>
  );
}

function Fall({
  title,
  told,
  preferences,
}: {
  readonly title: string;
  readonly told: FallTold;
  readonly preferences: Preferences;
}) {
  const { fingersNumbAfter, trunkHardAfter, onArrival, debtThen } = told;
  return (
    <li className="border-line border-t py-1">
      <strong>{title}</strong>
      {m.fingersNumb} {minutesWords(fingersNumbAfter, onArrival !== null)}
      {m.trunkAtItsHardLimit} {minutesWords(trunkHardAfter, onArrival !== null)}, {plainNumber(debtThen, 0)}{" "}
      {m.wHMOfHeatGone} {onArrival ? m.byThen : m.withinAnHour}.
      {onArrival && (
        <>
          {" "}
          {m.onFootToShelterIn} {durationText(onArrival.minutes)}
          {m.fingersAt} {temperatureText(onArrival.fingersC, preferences.temperature)}
          {m.trunkAt} {temperatureText(onArrival.trunkC, preferences.temperature, 1)}.
        </>
      )}
    </li>
  );
}

type AnswersProps = Props & {
  readonly levers: Levers;
  readonly onLevers: (levers: Levers) => void;
};

function Answers({ view, minute, preferences, levers, onLevers }: AnswersProps) {
  const { hours, colderK, walkMinutes } = levers;
  const told = useStore($emergency);
  useEffect(() => {
    const asked = { hours, colderK, windFactor: WIND_FACTOR, walkMinutes, minute };
    const timer = setTimeout(() => void askEmergency(view, asked), QUIET_MS);
    return () => clearTimeout(timer);
  }, [view, hours, colderK, walkMinutes, minute]);
  const clock = clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  return (
    <>
      <div className="flex flex-wrap gap-3">
        <NumberField
          label={m.lastsLongerBy}
          unit={m.hWords}
          value={hours}
          low={0.5}
          high={12}
          step={0.5}
          decimals={1}
          onChange={(typed) => onLevers({ ...levers, hours: typed })}
        />
        <NumberField
          label={m.getsColderBy}
          unit={unitLabel("temperature")}
          value={degreesOfKelvin(colderK)}
          low={degreesOfKelvin(COLDER_RANGE_K[0])}
          high={degreesOfKelvin(COLDER_RANGE_K[1])}
          step={1}
          decimals={0}
          onChange={(typed) => onLevers({ ...levers, colderK: typed / degreesOfKelvin(1) })}
        />
        <NumberField
          label={m.theVehicleStaysOnFootFor}
          unit={m.min2}
          value={walkMinutes}
          low={10}
          high={600}
          step={10}
          decimals={0}
          onChange={(typed) => onLevers({ ...levers, walkMinutes: Math.round(typed) })}
        />
      </div>
      <ul className="text-sm" aria-live="polite">
        <Lever words={m.hLonger({ hours: plainNumber(hours, 1) })} told={told?.longer ?? null} />
        <Lever words={m.colderAllDay({ colderK: differenceText(colderK, 0) })} told={told?.colder ?? null} />
        <Lever words={m.timesTheWind({ windFactor: WIND_FACTOR })} told={told?.windier ?? null} />
        <OnFoot view={view} told={told?.onFoot ?? null} preferences={preferences} />
      </ul>
      <h3 className="text-sm font-semibold">
        {m.intoTheWaterAt} {clock}
        {m.theMinuteReadOut}
      </h3>
      {told?.wet ? (
        <ul className="text-sm">
          <Fall title={m.inWhatIsWorn} told={told.wet} preferences={preferences} />
          {told.dry ? (
            <>
              <Fall
                title={m.withADrySet({ drySet: told.drySet.join(", ") })}
                told={told.dry}
                preferences={preferences}
              />
              <li className="text-muted">{changeWords(told.wet, told.dry)}</li>
            </>
          ) : (
            <li className="border-line border-t py-1">{m.noDrySetNothingOfThe}</li>
          )}
        </ul>
      ) : (
        <p className="text-muted text-sm">…</p>
      )}
      <p className="text-muted text-sm">{m.threeMinutesInTheWaterAre}</p>
    </>
  );
}

type KeptProps = Props & {
  /** Stay as typed while all this is folded away; `null` as long as nothing was. */
  readonly levers: Levers | null;
  readonly onLevers: (levers: Levers) => void;
};

/** What becomes of the plan when the day gets longer, colder, windier, or somebody falls in. */
export const WhenItGoesWrong = ({ levers, ...props }: KeptProps) => (
  <div className="mt-1 flex flex-col gap-2">
    <Answers {...props} levers={levers ?? USUAL_LEVERS} />
  </div>
);
