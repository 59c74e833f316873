import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useState } from "react";
import { inventedWords } from "@/formats/display/words/invented-words";
import type { Preferences } from "@/formats/display/preferences";
import { clockText, dateText } from "@/formats/display/time";
import { againstPlanWords, verdictWords } from "@/formats/display/words/sheet-words";
import type { OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import type { CareById } from "@/formats/wire/outing/planned-of-view";
import { $view } from "@/stores/sheet/day-sheet";
import { $preferences } from "@/stores/preferences";
import { untilRecomputed } from "@/stores/recomputing";
import { keepSaved, openSheet } from "@/stores/saving/saving";
import { SaveNotice } from "../day-sheet/save-notice";
import { useInitially } from "../page/use-initially";
import { DressingList } from "./dressing";
import { LeftWithFields } from "./left-with";
import { PlanLinks } from "./plan-links";
import { Packing } from "./packing";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";

type Props = {
  readonly initial: OutingView;
  readonly verdict: VerdictLine | null;
  /** The verdict no longer holds; the one that does is on its way. */
  readonly isRecomputing: boolean;
  readonly careById: CareById;
  /** Whether others can reach this server, so that a plan may be left at a secret address. */
  readonly isShared: boolean;
  readonly preferences: Preferences;
};

/** The evening before: what to pack, in which order to dress, who knows of it, and what leaves the house. */
function Evening({ initial, verdict: stored, isRecomputing, careById, isShared, preferences }: Props) {
  const [known, setKnown] = useState({ verdict: stored, isRecomputing });
  useInitially(() => {
    $preferences.set(preferences);
    $view.set(initial);
  });
  useEffect(() => {
    openSheet(initial);
    return keepSaved(initial);
  }, [initial]);
  useEffect(() => {
    if (!isRecomputing) return undefined;
    const left = new AbortController();
    void untilRecomputed([initial.id], left.signal).then((lines) => {
      const line = lines?.get(initial.id);
      if (line) setKnown({ verdict: line.verdict, isRecomputing: false });
    });
    return () => left.abort();
  }, [initial.id, isRecomputing]);
  const { verdict } = known;
  const view = useStore($view) ?? initial;
  const { timeZone } = view.place;
  const invented = inventedWords(view);
  return (
    <OnceAlive>
      <div className="flex flex-col gap-8 pt-5">
        <div>
          <div className="flex flex-wrap items-baseline justify-between gap-3">
            <h1 className="text-2xl font-semibold">
              {view.name}
              {m.theEveningBefore}
            </h1>
            <div className="no-print">
              <SaveNotice />
            </div>
          </div>
          <p className="text-muted">
            {view.place.name} · {view.person.name} · {dateText(view.startsAt, timeZone)} {m.from2}{" "}
            {clockText(view.startsAt, timeZone)}
            {invented && ` · ${invented}`}
          </p>
          {verdict && (
            <p className="font-semibold">
              {verdictWords(verdict)} · {againstPlanWords(verdict)}
              {known.isRecomputing && m.asLastComputedBeingRecomputed}
            </p>
          )}
          <p className="no-print flex flex-wrap gap-2 pt-3">
            <a className="press inline-flex items-center" href={`/outings/${view.id}`}>
              {m.daySheet}
            </a>
            <a className="press border-accent inline-flex items-center" href={`/outings/${view.id}/card`}>
              {m.fieldCard}
            </a>
            <a className="press inline-flex items-center" href={`/api/outings/${view.id}/calendar`} download>
              {m.calendarFile}
            </a>
            <button type="button" className="press" onClick={() => window.print()}>
              {m.print}
            </button>
          </p>
        </div>
        <Packing view={view} careById={careById} />
        <DressingList view={view} />
        <LeftWithFields view={view} />
        {isShared && <PlanLinks outingId={view.id} timeZone={timeZone} />}
      </div>
    </OnceAlive>
  );
}

export default guarded(Evening);
