import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { Preferences } from "@/formats/display/preferences";
import { clockText, dateText } from "@/formats/display/time";
import type { OutingView, VerdictLine } from "@/formats/wire/outing-view";
import { $computed, $range, $readMinute, $selection, $view, openSheet, type Selection } from "@/stores/day-sheet";
import { $preferences } from "@/stores/preferences";
import { keepSaved } from "@/stores/saving";
import { useInitially } from "../use-initially";
import { Cautions } from "./cautions";
import { HourEditor } from "./hour-editor";
import { PhaseEditor } from "./phase-editor";
import { ReadOut } from "./read-out";
import { SaveNotice } from "./save-notice";
import { Timeline } from "./timeline";
import { VerdictBand } from "./verdict-band";
import { WearingEditor } from "./wearing-editor";

type Props = { readonly initial: OutingView; readonly verdict: VerdictLine; readonly preferences: Preferences };

function Editor({
  view,
  selection,
  preferences,
}: {
  readonly view: OutingView;
  readonly selection: Selection;
  readonly preferences: Preferences;
}) {
  if (selection?.kind === "hour") return <HourEditor view={view} index={selection.index} preferences={preferences} />;
  if (selection?.kind === "phase") return <PhaseEditor view={view} index={selection.index} />;
  if (selection?.kind === "wearing") return <WearingEditor view={view} id={selection.id} />;
  return (
    <div>
      <h2 className="text-lg font-semibold">Change something</h2>
      <p className="text-muted text-sm">
        Press an hour of weather, a phase or a piece; the answer above follows at once and is saved.
      </p>
    </div>
  );
}

/** A whole outing on one sheet: the verdict, the day on a time axis, and an editor for what is chosen. */
export default function DaySheet({ initial, verdict, preferences: fromCookie }: Props) {
  useInitially(() => {
    $preferences.set(fromCookie);
    $view.set(initial);
  });
  useEffect(() => {
    openSheet(initial);
    return keepSaved();
  }, [initial]);
  const view = useStore($view) ?? initial;
  const computed = useStore($computed);
  const range = useStore($range);
  const selection = useStore($selection);
  const preferences = useStore($preferences);
  const chosenMinute = useStore($readMinute);
  const { result } = computed;
  const sit = result?.sits[result.decidingSit];
  const crossing = sit && sit.verdict.kind !== "longerThan" ? sit.verdict.crossing.minute : 0;
  const minute = chosenMinute ?? (sit ? Math.min(sit.fromMinute + crossing, result.series.minutes) : 0);
  return (
    <div className={`flex flex-col ${selection ? "max-lg:pb-[55dvh]" : ""}`}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 pt-3">
        <h1 className="text-lg">
          <span className="font-semibold">{view.name}</span>{" "}
          <span className="text-muted">
            {view.place.name} · {view.person.name} · {dateText(view.startsAt, view.place.timeZone)} from{" "}
            {clockText(view.startsAt, view.place.timeZone)}
          </span>
        </h1>
        <SaveNotice />
      </div>
      {view.invented && (
        <p className="text-accent-text text-sm">Invented demonstration: people, place, kit and weather are made up.</p>
      )}
      <VerdictBand view={view} result={result} range={range} before={verdict} />
      {computed.kind === "impossible" && (
        <p role="alert" className="border-cranberry bg-raised border-l-4 px-3 py-2">
          This outing cannot be computed: {computed.message}
        </p>
      )}
      <div className="grid gap-6 pt-3 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <Timeline
          view={view}
          result={result}
          preferences={preferences}
          selection={selection}
          minute={minute}
          onSelect={(next) => $selection.set(next)}
        />
        <div className="border-line flex flex-col gap-5 lg:border-l lg:pl-5">
          <section
            aria-label="Editor"
            className={
              selection
                ? "max-lg:border-accent max-lg:bg-ground max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:max-h-[55dvh] max-lg:overflow-y-auto max-lg:border-t-2 max-lg:p-4"
                : undefined
            }
          >
            <Editor view={view} selection={selection} preferences={preferences} />
            {selection && (
              <button type="button" className="press mt-3" onClick={() => $selection.set(null)}>
                Done
              </button>
            )}
          </section>
          {result ? (
            <ReadOut view={view} result={result} minute={minute} preferences={preferences} />
          ) : (
            <p role="status" className="text-muted">
              computing the body …
            </p>
          )}
          <Cautions view={view} />
        </div>
      </div>
    </div>
  );
}
