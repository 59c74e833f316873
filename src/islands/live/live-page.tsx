import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useState } from "react";
import { toldFromPlan, type LiveAnswer } from "@/core/live";
import type { MinutesBound } from "@/core/range";
import { MS_PER_MINUTE } from "@/core/units";
import { cardMoments } from "@/formats/wire/evening/card-lists";
import { momentWords } from "@/formats/display/words/card-words";
import { limitWords } from "@/formats/display/words/limit-words";
import { changedWords } from "@/formats/display/words/live-words";
import type { Preferences } from "@/formats/display/preferences";
import { clockText, durationText } from "@/formats/display/time";
import type { OutingFigures } from "@/formats/wire/evening/field-card";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import {
  $answer,
  $isConnected,
  $plan,
  $problem,
  $sit,
  $span,
  $standIns,
  beginSit,
  endSit,
  nowMs,
  openLive,
  startStandIns,
} from "@/stores/live/live";
import { messageOf } from "@/stores/message-of";
import { $preferences, changePreferences } from "@/stores/preferences";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { Alarm } from "./alarm";
import { HowAreThey } from "./how-are-they";
import { Loggers } from "./loggers";
import { LiveCurve } from "./live-curve";

type Props = {
  readonly view: OutingView;
  /** The plan's, which stand until something is heard; `null` where they are not known yet. */
  readonly figures: OutingFigures | null;
  readonly preferences: Preferences;
};

const TICK_MS = 1000;

/** The sit's clock: the device's own, or that of stand-in loggers. */
function useNow(): number {
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    const timer = setInterval(() => setNow(nowMs()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}

/** What comes next by the answer as it is now: pieces, turning back; minutes from the start of the sit become clock times. */
function nextMoment(
  view: OutingView,
  answer: Pick<LiveAnswer, "low" | "middle">,
  span: Span,
  beganMs: number,
  now: number,
) {
  const { fromMinute, toMinute } = span;
  const sit = { fromMinute, toMinute, endMinutes: answer.middle, lowMinutes: answer.low };
  const moments = cardMoments(view, sit).map((moment) => ({
    ...moment,
    atMs: beganMs + (moment.minute - fromMinute) * MS_PER_MINUTE,
  }));
  const turnBack = moments.find(({ act }) => act.kind === "turnBack");
  return { next: moments.find(({ atMs }) => atMs > now) ?? null, turnBackMs: turnBack?.atMs ?? null };
}
type Span = { readonly fromMinute: number; readonly toMinute: number };

/** During the sit: minutes left, large enough for the night; what comes next; what was said and read corrects it. */
function LivePage({ view, figures, preferences }: Props) {
  useInitially(() => $preferences.set(preferences));
  useEffect(() => openLive(view), [view]);
  const sit = useStore($sit);
  const problem = useStore($problem);
  const isConnected = useStore($isConnected);
  const standIns = useStore($standIns);
  const { theme } = useStore($preferences);
  const [told, setTold] = useState<string | null>(null);
  const [isKeeping, setIsKeeping] = useState(false);
  const end = async (): Promise<void> => {
    setIsKeeping(true);
    try {
      await endSit();
      setTold(null);
    } catch (error) {
      setTold(messageOf(error));
    }
    setIsKeeping(false);
  };
  const isOn = sit !== null && sit.endedAt === null;
  return (
    <OnceAlive>
      <div className="mx-auto flex max-w-[46rem] flex-col gap-5 pt-4 text-lg [&_.press]:inline-flex [&_.press]:min-h-12 [&_.press]:items-center">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <div>
            <h1 className="text-xl font-bold">{m.liveTitle}</h1>
            <p className="text-muted text-sm">
              <a className="underline" href={`/outings/${view.id}`}>
                {view.name}
              </a>{" "}
              · {view.place.name} · {view.person.name}
            </p>
          </div>
          <button
            type="button"
            className="press no-print"
            aria-pressed={theme === "red"}
            onClick={() => changePreferences({ theme: theme === "red" ? "system" : "red" })}
          >
            {theme === "red" ? m.redLightOn : m.redLightOff}
          </button>
        </div>
        {standIns && <p className="text-accent-text font-bold">{m.liveStandInsGo}</p>}
        {!isConnected && isOn && <p role="status">{m.liveWithout}</p>}
        {problem && (
          <p role="alert" className="border-cranberry border-l-4 pl-3">
            {m.liveFailed({ message: problem })}
          </p>
        )}
        <Figure view={view} figures={figures} />
        <div className="flex flex-wrap gap-3">
          {!standIns && (
            <button
              type="button"
              className="press border-accent border-2 px-6 font-semibold"
              onClick={() => void beginSit()}
            >
              {sit ? m.liveBeginAgain : m.liveBegin}
            </button>
          )}
          {isOn && (
            <button type="button" className="press px-6" onClick={() => void end()}>
              {standIns ? m.liveStandInsStop : m.liveEnd}
            </button>
          )}
          {!isOn && (
            <button type="button" className="press" onClick={() => void startStandIns(Date.now() % 1000)}>
              {m.liveStandIns}
            </button>
          )}
        </div>
        <p className="text-muted text-sm">{isOn ? "" : `${m.liveBeginSays} ${m.liveStandInsSays}`}</p>
        {told && (
          <p role="alert" className="text-cranberry">
            {told}
          </p>
        )}
        {sit?.endedAt && !isKeeping && told === null && (
          <p role="status">
            {m.liveEnded}{" "}
            <a className="underline" href={`/outings/${view.id}/after`}>
              {m.liveTell}
            </a>
          </p>
        )}
        {isOn && <HowAreThey votes={sit.votes} timeZone={view.place.timeZone} />}
        <LiveCurve />
        <Loggers view={view} />
        <p className="border-accent border-l-4 pl-3 text-base">{m.liveCaution}</p>
      </div>
    </OnceAlive>
  );
}

const asPlanned = ({ verdict, range }: OutingFigures): Pick<LiveAnswer, "low" | "middle" | "high"> => {
  const minutes = ({ kind, minutes: own }: MinutesBound): number | null => (kind === "longerThan" ? null : own);
  return {
    low: minutes(range.low),
    middle: verdict.kind === "longerThan" ? null : verdict.minutesStill,
    high: minutes(range.high),
  };
};

/** Minutes left, turning back, and what comes next. */
function Figure({ view, figures }: Omit<Props, "preferences">) {
  const answer = useStore($answer);
  const plan = useStore($plan);
  const sit = useStore($sit);
  const span = useStore($span);
  const now = useNow();
  if (!answer || !span) return <p role="status">{m.liveLooking}</p>;
  const plannedBeganMs = Date.parse(view.startsAt) + span.fromMinute * MS_PER_MINUTE;
  const isOn = sit !== null && sit.endedAt === null;
  const beganMs = sit ? Date.parse(sit.beganAt) : plannedBeganMs;
  const clock = (minutes: number): string => clockText(beganMs + minutes * MS_PER_MINUTE, view.place.timeZone);
  const isHeard = answer.heard > 0;
  const planned = figures && asPlanned(figures);
  const { low, middle, high } = isHeard || !planned ? toldFromPlan(answer, plan, planned?.middle ?? null) : planned;
  const { endedBy } = answer;
  const { next, turnBackMs } = nextMoment(view, { low, middle }, span, beganMs, isOn ? now : -Infinity);
  const left = middle === null ? null : Math.floor(middle - (isOn ? (now - beganMs) / MS_PER_MINUTE : 0));
  const changed = changedWords(planned ? planned.middle : (plan?.middle ?? null), middle);
  return (
    <section aria-label={m.liveTitle} className="flex flex-col gap-2">
      <p className="flex flex-wrap items-end gap-3">
        <strong className="text-7xl leading-none font-bold sm:text-8xl" data-testid="live-left">
          {left === null ? m.liveLeftLonger : left <= 0 ? m.liveLeftNone : durationText(left)}
        </strong>
        {left !== null && left > 0 && <span className="text-muted">{m.liveLeft}</span>}
      </p>
      <p data-testid="live-until">
        {middle === null || low === null
          ? low !== null && m.liveUntilOpen({ low: clock(low) })
          : m.liveUntil({ clock: clock(middle), low: clock(low), high: high === null ? "…" : clock(high) })}
      </p>
      {turnBackMs !== null && (
        <p className="text-2xl font-bold" data-testid="live-turn-back">
          {m.liveTurnBack({ clock: clockText(turnBackMs, view.place.timeZone) })}
        </p>
      )}
      {isOn && next && (
        <p className="border-accent border-l-4 pl-3 text-xl" data-testid="live-next">
          {m.nextTitle} {clockText(next.atMs, view.place.timeZone)}: <strong>{momentWords(next)[0]}</strong>
        </p>
      )}
      <p className="text-muted text-base">
        {isOn && `${m.liveSatFor({ minutes: durationText(Math.floor((now - beganMs) / MS_PER_MINUTE)) })}. `}
        {endedBy && `${m.liveEndsBy({ limit: limitWords(endedBy.limit, endedBy.place) })}. `}
        {isHeard && figures && `${m.livePlanSaid({ minutes: durationText(figures.verdict.minutesStill) })} `}
        {isHeard ? changed : m.liveNothingHeard}
      </p>
      {isOn && turnBackMs !== null && <Alarm atMs={turnBackMs} now={now} />}
    </section>
  );
}

export default guarded(LivePage);
