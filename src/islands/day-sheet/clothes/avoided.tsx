import * as m from "@/messages";
import { minutesStillOf } from "@/core/limits";
import { useStore } from "@nanostores/react";
import { memo, useEffect, useState } from "react";
import { AVOIDABLE, type Avoided } from "@/core/changes";
import type { OutingResult } from "@/core/simulation";
import { AVOIDED_WORDS } from "@/formats/display/words/change-words";
import { durationText } from "@/formats/display/time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $avoidedCost, askAvoidedCost, goByStandard, holdTo } from "@/stores/answer/practice-preferences";
import { drawnFrom } from "../drawn-from";
import { Problem } from "../../fields/problem";

type Props = { readonly view: OutingView; readonly result: OutingResult };

/** Asked once edits have paused: it is never waited for. */
const QUIET_MS = 200;

/** What the plan's own verdict comes to; `null` longer than is looked at. */
function ownMinutes({ sits, decidingSit }: OutingResult): number | null {
  return minutesStillOf(sits[decidingSit]!.verdict);
}

const minutesText = (minutes: number | null): string =>
  minutes === null ? m.longerThanIsLookedAt : durationText(minutes);

/** What the plan comes to without what is avoided. */
function Cost({ view, result }: Props) {
  const { avoids } = view.person.practicePreferences;
  const cost = useStore($avoidedCost);
  useEffect(() => {
    const timer = setTimeout(() => void askAvoidedCost(view, avoids), QUIET_MS);
    return () => clearTimeout(timer);
  }, [view, avoids]);
  if (!cost) return null;
  const own = ownMinutes(result);
  if (cost.swaps.length === 0) return <p className="text-sm">{m.nothingOfItIsWornIn}</p>;
  const by = own !== null && cost.minutes !== null ? cost.minutes - own : null;
  return (
    <>
      <p className="text-sm" data-testid="avoided-cost">
        {m.withoutItTheSitLasts} <strong>{minutesText(cost.minutes)}</strong> {m.insteadOf2} {minutesText(own)}
        {by !== null && m.min3({ value: by > 0 ? "+" : by < 0 ? "−" : "±", abs: Math.abs(by) })}
        {m.withWords}
      </p>
      <ul className="text-muted text-sm">
        {cost.swaps.map(({ from, to }) => (
          <li key={from}>
            {to === null ? m.leftOffNothingStandsIn({ from }) : m.insteadOf({ fresh: to, worn: from })}
          </li>
        ))}
      </ul>
    </>
  );
}

function WhatIsAvoided({ view, result }: Props) {
  const { avoids, heatDebtEnds = false } = view.person.practicePreferences;
  const [problem, setProblem] = useState<string | null>(null);
  const toggle = (avoided: Avoided, isOn: boolean): void => {
    const next = AVOIDABLE.filter((own) => (own === avoided ? isOn : avoids.includes(own)));
    holdTo({ avoids: next }).catch((error: Error) => setProblem(error.message));
  };
  return (
    <>
      <fieldset className="flex flex-wrap gap-4 py-1">
        <legend className="sr-only">{m.avoided}</legend>
        {AVOIDABLE.map((avoided) => (
          <label key={avoided} className="flex min-h-6 items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4"
              checked={avoids.includes(avoided)}
              onChange={(event) => toggle(avoided, event.target.checked)}
            />
            {AVOIDED_WORDS[avoided]}
          </label>
        ))}
      </fieldset>
      <label className="flex min-h-6 items-center gap-1.5 pb-1">
        <input
          type="checkbox"
          className="size-4"
          checked={heatDebtEnds}
          onChange={(event) => {
            goByStandard(event.target.checked).catch((error: Error) => setProblem(error.message));
          }}
        />
        {m.goesByTheStandardHeatDebt}
      </label>
      <Problem words={problem} />
      {avoids.length > 0 && <Cost view={view} result={result} />}
    </>
  );
}

/** Materials a person avoids, and what that costs or gains in this plan. */
export const AvoidedMaterials = memo(WhatIsAvoided, drawnFrom<Props>("person", "wearings", "kit"));
