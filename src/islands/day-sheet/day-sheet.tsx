import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useState } from "react";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import { $range, keepDerivedResults } from "@/stores/answer/derived-results";
import {
  $computed,
  $heldMinutes,
  $readMinute,
  $selection,
  $view,
  wakeWorker,
  type Selection,
} from "@/stores/sheet/day-sheet";
import { $headline, $ratio, rememberRatio } from "@/stores/answer/headline";
import { $preferences } from "@/stores/preferences";
import { keepSaved, openSheet } from "@/stores/saving/saving";
import { $trial } from "@/stores/sheet/trying";
import { useInitially } from "../page/use-initially";
import { Aside } from "./aside";
import { BesideAnswer } from "./answer/beside-answer";
import { minuteShown } from "./time-axis/minute-shown";
import type { Party } from "./party";
import { outfitOf } from "@/formats/wire/kit/outfit";
import { LeftOff } from "./left-off";
import { SheetHead, type Open } from "./sheet-head";
import { Timeline } from "./time-axis/timeline";
import { useDrawnMark } from "./answer/use-drawn-mark";
import { VerdictBand } from "./answer/verdict-band";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";
import { late } from "../page/late";
import { $hasFound, lookForFound } from "@/stores/dresser/has-found-outfits";

/** Fetched where nothing is worn: most sheets are dressed. */
const Undressed = late(() => import("./clothes/undressed").then((module) => module.Undressed));
/** Fetched where the dresser was asked in this tab. */
const FoundOutfits = late(() => import("./clothes/found-outfits").then((module) => module.FoundOutfits));

type Props = {
  readonly initial: OutingView;
  readonly verdict: VerdictLine | null;
  readonly party: Party;
  readonly preferences: Preferences;
};

/** Nothing is worn in the sit: its figure would be that of bare skin. */
const isUndressed = (view: OutingView): boolean => outfitOf(view).length === 0;

const select = (next: Selection): void => $selection.set(next);

/** A whole outing on one sheet: the verdict, the day on a time axis, the sitter, and an editor for what is chosen. */
function DaySheet({ initial, verdict, party, preferences: fromCookie }: Props) {
  useInitially(() => {
    $preferences.set(fromCookie);
    $view.set(initial);
    if (!import.meta.env.SSR) wakeWorker();
  });
  useEffect(() => {
    rememberRatio(verdict);
    openSheet(initial);
    lookForFound(initial.id);
    const stops = [keepSaved(initial), keepDerivedResults()];
    return () => stops.forEach((stop) => stop());
  }, [initial, verdict]);
  const view = useStore($view) ?? initial;
  const computed = useStore($computed);
  const range = useStore($range);
  const shown = useStore($headline);
  const ratio = useStore($ratio);
  const trial = useStore($trial);
  const selection = useStore($selection);
  const preferences = useStore($preferences);
  const heldMinutes = useStore($heldMinutes);
  const { result } = computed;
  const chosenMinute = useStore($readMinute);
  const [open, setOpen] = useState<Open>(null);
  const hasFound = useStore($hasFound);
  useDrawnMark(computed);
  return (
    <OnceAlive>
      <div
        className={`whole:-mb-10 whole:h-[calc(100dvh-3.25rem)] flex flex-col ${selection ? "max-lg:pb-[55dvh]" : ""}`}
      >
        <SheetHead view={view} open={open} onOpen={setOpen} />
        <LeftOff view={view} />
        {hasFound && <FoundOutfits view={view} />}
        {isUndressed(view) ? (
          <Undressed view={view} onAddClothes={() => setOpen("clothes")} />
        ) : (
          <VerdictBand
            view={view}
            result={result}
            shown={shown}
            range={range}
            ratio={ratio}
            preferences={preferences}
            before={verdict}
          />
        )}
        {!isUndressed(view) && <BesideAnswer preferences={preferences} isReady={result !== null} />}
        {computed.kind === "impossible" && (
          <p role="alert" className="border-cranberry bg-raised border-l-4 px-3 py-2">
            {m.thisOutingCannotBeComputed} {computed.message}
          </p>
        )}
        <div className="whole:pb-2 grid min-h-0 grow grid-cols-[minmax(0,1fr)] gap-x-5 gap-y-6 pt-2 lg:grid-cols-[minmax(0,1fr)_21rem]">
          <Timeline
            view={view}
            result={result}
            shown={shown}
            ratio={ratio}
            trial={trial?.result ?? null}
            bands={range?.bands ?? null}
            preferences={preferences}
            selection={selection}
            minute={minuteShown(result, shown, chosenMinute)}
            heldMinutes={heldMinutes}
            onSelect={select}
          />
          <Aside
            view={view}
            result={result}
            shown={shown}
            chosenMinute={chosenMinute}
            selection={selection}
            preferences={preferences}
            party={party}
          />
        </div>
      </div>
    </OnceAlive>
  );
}

export default guarded(DaySheet);
