import * as m from "@/messages";
import { LEVELS as LEVELS_TERM, MINUTES_STILL, RANGE } from "@/formats/display/words/glossary";
import { memo } from "react";
import { LEVELS, STANDARD_LIMIT, type LevelVerdict } from "@/core/limits";
import type { OutingResult, SitAnswer } from "@/core/simulation";
import type { Headline, MinutesBound, MinutesRange } from "@/core/range";
import type { Preferences } from "@/formats/display/preferences";
import { clockText, durationText } from "@/formats/display/time";
import { LEVEL_WORDS } from "@/formats/display/words/sheet-words";
import { arrivesWords, endsItWords, grazeWords, limitWords, recoveryWords } from "@/formats/display/words/limit-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import type { ShownHeadline } from "@/stores/answer/headline";
import { SpokenAnswer } from "./spoken-answer";
import { Term } from "../../page/term";
import { drawnFrom } from "../drawn-from";
import { late } from "../../page/late";

/** Fetched where the person told of a sit. */
const ByNotes = late(() => import("./by-notes").then((module) => module.ByNotes));

/** More that is being left is no news: the first to come back are told. */
const MOST_RECOVERIES = 2;

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult | null;
  /** The figure told first, with whether it is estimated until its range is known. */
  readonly shown: ShownHeadline | null;
  readonly range: MinutesRange | null;
  /** Middle of the last known range over its single run: other levels are told in that proportion. */
  readonly ratio: number;
  readonly preferences: Preferences;
  /** What the server had found, until the page has computed. */
  readonly before: VerdictLine | null;
};

const clockOf = (view: OutingView, sit: SitAnswer, minute: number): string =>
  clockText(instantAt(view.startsAt, sit.fromMinute + minute), view.place.timeZone);

/** Marks a figure whose range is not known yet. */
const ESTIMATED = "≈\u2009";

const headlineText = ({ headline: { kind, minutes }, isEstimated }: ShownHeadline): string =>
  `${isEstimated ? ESTIMATED : ""}${kind === "longerThan" ? m.over2 : ""}${durationText(minutes)}`;

function short(verdict: LevelVerdict, ratio: number): string {
  if (verdict.kind === "longerThan") return `> ${durationText(verdict.minutes)}`;
  return verdict.kind === "ends" ? durationText(Math.round(verdict.minutesStill * ratio)) : m.tooColdOnArrival;
}

function againstPlan({ fromMinute, toMinute }: SitAnswer, { minutes }: Headline): string {
  const planned = toMinute - fromMinute;
  const spare = minutes - planned;
  if (spare < 0) return m.shortOfThePlanned({ duration: durationText(-spare), planned: durationText(planned) });
  return m.enoughForThePlanned({ planned: durationText(planned) });
}

/** In how many of the members of the range it is this that ends the sit. */
const shareText = ({ endedBy, members }: MinutesRange): string =>
  endedBy[0] ? m.inOfCases({ members: endedBy[0].members, members2: members }) : "";

/** What ends it in other members, where the single run knows nothing that comes next. */
function otherwiseText(range: MinutesRange | null): string {
  const second = range?.endedBy[1];
  return range && second
    ? m.elseInOfCases({
        limit: limitWords(second.limit, second.place),
        members: second.members,
        members2: range.members,
      })
    : m.nothingElseWithinTheTimeComputed;
}

type SitProps = { readonly view: OutingView; readonly sit: SitAnswer; readonly headline: Headline };

function Ending({ view, sit, headline, range }: SitProps & { readonly range: MinutesRange | null }) {
  const { endedBy, runnerUp } = headline;
  if (!endedBy) return <p className="text-moss-text font-semibold">{m.nothingEndsIt}</p>;
  return (
    <>
      <p className="flex items-center gap-2 font-semibold">
        <svg width="12" height="12" aria-hidden="true" className="fill-rust">
          <path d="M0 0h12v12H0z" />
        </svg>
        <span>
          {endsItWords(endedBy.limit, endedBy.place)}
          {range && <span className="text-muted font-normal">{shareText(range)}</span>}
        </span>
      </p>
      <p className="text-muted text-sm">
        {runnerUp
          ? m.nextAt({
              limit: limitWords(runnerUp.limit, runnerUp.place),
              clockOf: clockOf(view, sit, runnerUp.minute),
            })
          : otherwiseText(range)}
      </p>
    </>
  );
}

function Computed({
  view,
  result,
  shown,
  range,
}: Pick<Props, "view" | "range"> & { readonly result: OutingResult; readonly shown: ShownHeadline }) {
  const sit = result.sits[result.decidingSit]!;
  const { headline } = shown;
  return (
    <>
      <div className="flex items-end gap-3">
        <p data-testid="minutes-still" className="text-4xl leading-none font-bold sm:text-5xl">
          {headlineText(shown)}
        </p>
        <p className="text-sm leading-tight">
          <span className="text-muted">
            <Term of={MINUTES_STILL} />
          </span>
          <br />
          <strong>
            {headline.kind === "ends" && m.until({ clockOf: clockOf(view, sit, headline.minutes) })}
            {headline.kind === "arrivesTooCold" && arrivesWords(headline.endedBy?.limit ?? null)}
            {headline.kind === "longerThan" && m.andThenNotComputedFurther}
          </strong>
        </p>
      </div>
      <div>
        <Ending view={view} sit={sit} headline={headline} range={range} />
      </div>
    </>
  );
}

/** What is told beside whatever ends a sit: what the standard would say, what is being left, what grazes its limit. */
function Notes({ view, sit, headline, preferences }: SitProps & { readonly preferences: Preferences }) {
  const notes = [
    ...(sit.standardMinutes === null || headline.endedBy?.limit === STANDARD_LIMIT
      ? []
      : [m.iso11079WouldEndItAt({ clockOf: clockOf(view, sit, sit.standardMinutes) })]),
    ...sit.recoveries.slice(0, MOST_RECOVERIES).map(recoveryWords),
    ...(sit.graze ? [grazeWords(sit.graze, preferences)] : []),
  ];
  if (notes.length === 0) return null;
  return (
    <ul className="text-muted text-sm max-sm:list-none" data-testid="verdict-notes">
      {notes.map((note) => (
        <li key={note}>{note}</li>
      ))}
    </ul>
  );
}

function boundText({ kind, minutes }: MinutesBound): string {
  if (kind === "longerThan") return m.over({ hours: durationText(minutes) });
  return minutes === 0 ? m.tooColdOnArrival : durationText(minutes);
}

const rangeText = ({ low, high }: MinutesRange): string =>
  low.kind === "longerThan" ? boundText(low) : `${boundText(low)} – ${boundText(high)}`;

type BesideProps = Pick<Props, "view" | "range" | "ratio" | "preferences"> & {
  readonly result: OutingResult;
  readonly shown: ShownHeadline;
};

/** What stands beside the answer: its range, the plan, and the other levels. */
function Beside({ view, result, shown, range, ratio, preferences }: BesideProps) {
  const sit = result.sits[result.decidingSit]!;
  return (
    <>
      <div className="text-sm">
        <p className="font-semibold" data-testid="range">
          <Term of={RANGE} /> {range ? rangeText(range) : "…"}
        </p>
        {view.person.notes ? (
          <ByNotes outingId={view.id} notes={view.person.notes} />
        ) : (
          <p className="text-muted">{m.eightCasesOfTenAsFar}</p>
        )}
      </div>
      <div className="text-sm">
        <p className="font-semibold">{againstPlan(sit, shown.headline)}</p>
        <p className="text-muted">
          {LEVELS.map((level, index) => (
            <span key={level}>
              {index > 0 && " · "}
              <Term of={LEVELS_TERM}>{LEVEL_WORDS[level]}</Term> {short(sit.byLevel[level], ratio)}
            </span>
          ))}
        </p>
      </div>
      <Notes view={view} sit={sit} headline={shown.headline} preferences={preferences} />
      {result.extrapolated && (
        <p className="max-w-60 text-sm max-sm:max-w-none">
          <strong>{m.outsideTheAdultModelExtrapolated}</strong>{" "}
          <span className="text-muted">{m.childrenCoolFasterTheirLimitsHere}</span>
        </p>
      )}
    </>
  );
}

function Band({ view, result, shown, range, ratio, preferences, before }: Props) {
  return (
    <>
      <section
        aria-label={m.verdict}
        className="border-line bg-ground own-layer stays-on-top sticky top-0 z-10 flex flex-wrap items-center gap-x-8 gap-y-1 border-b py-3 max-sm:py-2"
      >
        <h2 className="sr-only">{m.verdict}</h2>
        <SpokenAnswer />
        {result && shown ? (
          <>
            <Computed view={view} result={result} shown={shown} range={range} />
            <div className="contents max-sm:hidden">
              <Beside view={view} result={result} shown={shown} range={range} ratio={ratio} preferences={preferences} />
            </div>
          </>
        ) : (
          <p className="text-4xl leading-none font-bold sm:text-5xl">
            {before?.kind === "longerThan" ? m.over2 : ""}
            {before ? durationText(before.minutesStill) : "–"}
            <span className="text-muted ml-3 text-sm font-normal">
              {before ? m.minutesStillAsLastComputed : m.noVerdictYet}
            </span>
          </p>
        )}
      </section>
      {result && shown && (
        <div className="border-line flex flex-col gap-1 border-b py-2 sm:hidden">
          <Beside view={view} result={result} shown={shown} range={range} ratio={ratio} preferences={preferences} />
        </div>
      )}
    </>
  );
}

/** The answer, always in view; on a phone only its heart stays while the page scrolls. */
export const VerdictBand = memo(Band, drawnFrom<Props>("startsAt", "place"));
