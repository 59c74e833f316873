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
  minutes === null ? (toShelter ? "not before shelter" : "not within four hours") : `after ${durationText(minutes)}`;

/** Less than this is even. */
const EVEN_WH_PER_M2 = 0.5;

/** What changing into dry things costs bare, and whether it has paid by then; both as against going on in what is wet. */
function changeWords(wet: FallTold, dry: FallTold): string {
  const soon = dry.debtSoon - wet.debtSoon;
  const then = wet.debtThen - dry.debtThen;
  const costs =
    soon > EVEN_WH_PER_M2
      ? `Changing bares you and costs ${plainNumber(soon, 0)} W·h/m² in the first quarter of an hour`
      : "Changing costs nothing worth counting";
  const end = wet.onArrival ? "on arrival" : "after an hour";
  if (Math.abs(then) < EVEN_WH_PER_M2) return `${costs}; ${end} it is even.`;
  return then > 0
    ? `${costs}; ${end} it has saved ${plainNumber(then, 0)}.`
    : `${costs}; ${end} it has not paid yet (${plainNumber(-then, 0)} more gone): on so short a way go on, change under a roof.`;
}

function Lever({ words, told }: { readonly words: string; readonly told: LeverTold | null }) {
  return (
    <li className="border-line border-t py-1">
      {words}:{" "}
      {told === null ? (
        "…"
      ) : (
        <>
          <strong>{told.lasts ? "lasts as accepted" : `short by ${durationText(told.shortMinutes)}`}</strong>, by the
          hard limits{" "}
          {told.hardMinutes === null ? "it lasts" : `${durationText(told.hardMinutes)} from the sit's start`}
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
      <strong>{title}</strong>: fingers numb {minutesWords(fingersNumbAfter, onArrival !== null)}, trunk at its hard
      limit {minutesWords(trunkHardAfter, onArrival !== null)}, {plainNumber(debtThen, 0)} W·h/m² of heat gone{" "}
      {onArrival ? "by then" : "within an hour"}.
      {onArrival && (
        <>
          {" "}
          On foot to shelter in {durationText(onArrival.minutes)}: fingers at{" "}
          {temperatureText(onArrival.fingersC, preferences.temperature)}, trunk at{" "}
          {temperatureText(onArrival.trunkC, preferences.temperature, 1)}.
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
          label="Lasts longer by"
          unit="h"
          value={hours}
          low={0.5}
          high={12}
          step={0.5}
          decimals={1}
          onChange={(typed) => onLevers({ ...levers, hours: typed })}
        />
        <NumberField
          label="Gets colder by"
          unit={unitLabel("temperature")}
          value={degreesOfKelvin(colderK)}
          low={degreesOfKelvin(COLDER_RANGE_K[0])}
          high={degreesOfKelvin(COLDER_RANGE_K[1])}
          step={1}
          decimals={0}
          onChange={(typed) => onLevers({ ...levers, colderK: typed / degreesOfKelvin(1) })}
        />
        <NumberField
          label="The vehicle stays: on foot for"
          unit="min"
          value={walkMinutes}
          low={10}
          high={600}
          step={10}
          decimals={0}
          onChange={(typed) => onLevers({ ...levers, walkMinutes: Math.round(typed) })}
        />
      </div>
      <ul className="text-sm" aria-live="polite">
        <Lever words={`${plainNumber(hours, 1)} h longer`} told={told?.longer ?? null} />
        <Lever words={`${differenceText(colderK, 0)} colder all day`} told={told?.colder ?? null} />
        <Lever words={`${WIND_FACTOR} times the wind`} told={told?.windier ?? null} />
        <OnFoot view={view} told={told?.onFoot ?? null} preferences={preferences} />
      </ul>
      <h3 className="text-sm font-semibold">Into the water at {clock}, the minute read out</h3>
      {told?.wet ? (
        <ul className="text-sm">
          <Fall title="In what is worn" told={told.wet} preferences={preferences} />
          {told.dry ? (
            <>
              <Fall title={`With a dry set (${told.drySet.join(", ")})`} told={told.dry} preferences={preferences} />
              <li className="text-muted">{changeWords(told.wet, told.dry)}</li>
            </>
          ) : (
            <li className="border-line border-t py-1">
              No dry set: nothing of the kit that goes next to the skin or on the feet is left at home today.
            </li>
          )}
        </ul>
      ) : (
        <p className="text-muted text-sm">…</p>
      )}
      <p className="text-muted text-sm">
        Three minutes in the water are computed, and a head kept dry. Cold shock, swimming and getting out are not: ice
        that may not carry is no place for a figure. Fix the time to leave beforehand, tell somebody, and carry a dry
        set in a waterproof pouch.
      </p>
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
