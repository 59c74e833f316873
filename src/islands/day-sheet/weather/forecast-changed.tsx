import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import { differenceWords, issuedWords, minutesChangeWords } from "@/formats/display/words/forecast-words";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $line } from "@/stores/answer/headline";
import { $forecast, $inNewest, judgeInNewest, takeForecast, watchForecast } from "@/stores/sheet/forecast";

/** Says that a newer forecast has come since the plan was made, and what that does to the verdict. */
export function ForecastChanged({
  view,
  preferences,
}: {
  readonly view: OutingView;
  readonly preferences: Preferences;
}) {
  const newest = useStore($forecast);
  const now = useStore($line);
  const inNewest = useStore($inNewest);
  const { forecast: taken } = view.plan;
  const fresh =
    taken && newest.kind === "known" && newest.forecast.issuedAt !== taken.issuedAt ? newest.forecast : null;
  useEffect(() => watchForecast(), [taken?.issuedAt]);
  useEffect(() => {
    if (fresh) void judgeInNewest(view, fresh);
  }, [fresh, view]);
  if (!taken) return null;
  if (!fresh) {
    return (
      <p className="text-muted">
        {m.plannedOn} {issuedWords(taken, view.place.timeZone)}
        {m.noNewerOneIsKnown}
      </p>
    );
  }
  return (
    <p
      className="border-sea bg-raised flex flex-wrap items-center gap-x-3 border-l-4 px-2 py-1"
      data-testid="forecast-changed"
    >
      <span>
        <strong>{m.theForecastHasChangedSinceYou}</strong> ({fresh.invented ? m.invented2 : ""}
        {differenceWords(view, fresh, preferences)}).{" "}
        {now && inNewest ? m.inTheNewerOne({ now: minutesChangeWords(now, inNewest) }) : m.workingOutWhatThatDoes}
      </span>
      <button type="button" className="press press-small no-print" onClick={() => takeForecast(fresh)}>
        {m.takeTheNewerOneOver}
      </button>
    </p>
  );
}
