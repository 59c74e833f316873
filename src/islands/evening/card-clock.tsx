import * as m from "@/messages";
import { MS_PER_MINUTE } from "@/core/units";
import { useEffect, useState } from "react";
import { untilText } from "@/formats/display/time";
import { hasPending } from "@/stores/saving/pending";
import { changePreferences } from "@/stores/preferences";
import type { Theme } from "@/formats/display/preferences";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";

/** A moment of the card as it is shown. */
export type ShownMoment = { readonly atMs: number; readonly clock: string; readonly words: string };

type Props = { readonly outingId: string; readonly moments: readonly ShownMoment[]; readonly theme: Theme };

const LOOK_EVERY_MS = 10_000;

/** What comes next by this device's clock, and the switch to red light; large enough for mitts. */
function CardClock({ outingId, moments, theme: initial }: Props) {
  const [nowMs, setNowMs] = useState<number | null>(null);
  const [theme, setTheme] = useState(initial);
  const [isOlder, setIsOlder] = useState(false);
  useEffect(() => {
    const look = (): void => {
      setNowMs(Date.now());
      void hasPending(outingId).then(setIsOlder);
    };
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [outingId]);
  const change = (next: Theme): void => {
    setTheme(next);
    changePreferences({ theme: next });
  };
  const next = nowMs === null ? null : moments.find(({ atMs }) => atMs > nowMs);
  return (
    <OnceAlive>
      <div className="flex flex-col gap-3">
        {isOlder && (
          <p role="alert" className="border-cranberry border-l-4 pl-3 text-xl font-bold" data-testid="card-older">
            {m.olderThanYourChangesThePlan}
          </p>
        )}
        <button
          type="button"
          className="press no-print min-h-16 text-xl"
          aria-pressed={theme === "red"}
          onClick={() => change(theme === "red" ? "system" : "red")}
        >
          {theme === "red" ? m.redLightOn : m.redLightOff}
        </button>
        <p role="status" className="no-print border-accent border-l-4 pl-3 text-2xl" data-testid="card-next">
          {nowMs === null && m.lookingAtTheClock}
          {nowMs !== null && !next && m.nothingMoreIsPlanned}
          {nowMs !== null && next && (
            <>
              {m.nextTitle} {next.clock}: <strong>{next.words}</strong>
              {m.inWordsPart} {untilText((next.atMs - nowMs) / MS_PER_MINUTE)}
            </>
          )}
        </p>
      </div>
    </OnceAlive>
  );
}

export default guarded(CardClock);
