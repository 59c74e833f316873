import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $preferences } from "@/stores/preferences";
import { keepHabit, keptHabit } from "@/stores/season/kept-habit";
import {
  $habit,
  $isHere,
  $season,
  $seasonOf,
  $source,
  cancelSeason,
  computeSeason,
  SEASON_OF,
  type SeasonOf,
  type SeasonState,
} from "@/stores/season/season";
import { ChoiceField } from "../fields/choice-field";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { HabitForm } from "./habit-form";
import { SeasonFound } from "./season-found";
import { SourceForm } from "./source-form";

const SEASON_OF_WORDS: Readonly<Record<SeasonOf, string>> = { outfit: m.seasonWornOutfit, kit: m.seasonWornKit };

function statusWords(state: SeasonState): string {
  if (state.kind === "computing") return m.seasonComputing({ percent: Math.floor(100 * state.doneShare) });
  if (state.kind === "failed") return m.seasonFailed({ message: state.message });
  return state.kind === "found" ? m.seasonDone : m.seasonReady;
}

type Props = { readonly view: OutingView; readonly preferences: Preferences };

/** A season: the habit, the weather, what is worn; then what it comes to. */
function Season({ view, preferences: fromCookie }: Props) {
  useInitially(() => {
    $preferences.set(fromCookie);
    $habit.set(keptHabit(view, null));
  });
  // What was kept in this browser is there only now: the server knows nothing of it.
  useEffect(() => $habit.set(keptHabit(view, window.localStorage)), [view]);
  const [habit, source, of, state] = [useStore($habit), useStore($source), useStore($seasonOf), useStore($season)];
  const isHere = useStore($isHere);
  if (!habit) return null;
  return (
    <OnceAlive>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 pt-4 lg:grid-cols-[17rem_minmax(0,1fr)]">
        <form
          className="no-print flex flex-col gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            void computeSeason(view);
          }}
        >
          <section aria-label={m.seasonWhen} className="flex flex-col gap-2">
            <h2 className="text-lg font-semibold">{m.seasonWhen}</h2>
            <HabitForm
              habit={habit}
              onChange={(own) => {
                $habit.set(own);
                keepHabit(own, window.localStorage);
              }}
            />
          </section>
          <section aria-label={m.seasonWeather} className="flex flex-col gap-2">
            <h2 className="text-lg font-semibold">{m.seasonWeather}</h2>
            <SourceForm view={view} source={source} />
          </section>
          <ChoiceField
            label={m.seasonWorn}
            value={of}
            options={SEASON_OF.map((own) => [own, SEASON_OF_WORDS[own]] as const)}
            onChange={(own) => $seasonOf.set(own)}
          />
          <div className="flex gap-3">
            <button type="submit" className="press border-accent">
              {m.seasonCompute}
            </button>
            {state.kind === "computing" && (
              <button type="button" className="press" onClick={cancelSeason}>
                {m.seasonStop}
              </button>
            )}
          </div>
        </form>
        <div className="flex min-w-0 flex-col gap-3" aria-busy={state.kind === "computing"}>
          <p role="status" className={state.kind === "failed" ? "text-cranberry" : "text-muted text-sm"}>
            {statusWords(state)}
          </p>
          {isHere && state.kind === "computing" && <p className="text-sm">{m.jobHere}</p>}
          {state.kind === "computing" && (
            <progress className="w-full" value={state.doneShare} aria-label={m.seasonTitle} />
          )}
          {state.kind === "found" && <SeasonFound view={view} found={state.found} />}
        </div>
      </div>
    </OnceAlive>
  );
}

export default guarded(Season);
