import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import type { Preferences } from "@/formats/display/preferences";
import { CAUTION_WORDS, dayWords, stayWords } from "@/formats/display/words/stay-words";
import { $opinion } from "@/stores/answer/derived-results";
import { $view } from "@/stores/sheet/day-sheet";
import { ForecastChanged } from "../weather/forecast-changed";
import { WhyPanel } from "../parts-opened";

/** What the standards say of the sit and how the day runs, in a line, and what is to be said beside it. */
export function BesideAnswer({
  preferences,
  isReady,
}: {
  readonly preferences: Preferences;
  readonly isReady: boolean;
}) {
  const opinion = useStore($opinion);
  const view = useStore($view);
  const stay = opinion?.advice.kind === "stay" ? stayWords(opinion.advice) : null;
  return (
    <div className="border-line flex flex-wrap items-start justify-between gap-x-6 gap-y-1 border-b py-1 text-sm">
      <div className="flex min-h-9 min-w-0 flex-1 flex-col justify-center">
        {stay && (
          <p role="alert" className="border-cranberry bg-raised border-l-4 px-2 font-semibold">
            {stay}
          </p>
        )}
        <p className="text-muted" data-testid="standard-opinion">
          {opinion ? opinion.sentence : m.theStandardsOpinion}{" "}
          {opinion && view && <span data-testid="kind-of-day">{dayWords(opinion.run, view)}</span>}
        </p>
        {view && <ForecastChanged view={view} preferences={preferences} />}
        {opinion && opinion.cautions.length > 0 && (
          <p className="text-rust-text">{opinion.cautions.map((caution) => CAUTION_WORDS[caution]).join(" ")}</p>
        )}
      </div>
      <div className="no-print">{isReady && <WhyPanel preferences={preferences} />}</div>
    </div>
  );
}
