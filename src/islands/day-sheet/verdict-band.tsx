import { memo } from "react";
import { LEVELS, type Crossing, type LevelVerdict, type Verdict } from "@/core/limits";
import type { OutingResult, SitAnswer } from "@/core/outing";
import type { MinutesBound, MinutesRange } from "@/core/range";
import { clockText, durationText } from "@/formats/display/time";
import { endsItWords, LEVEL_WORDS, limitWords } from "@/formats/display/words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView, VerdictLine } from "@/formats/wire/outing-view";
import { drawnFrom } from "./drawn-from";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult | null;
  readonly range: MinutesRange | null;
  /** What the server had found, until the page has computed. */
  readonly before: VerdictLine | null;
};

const clockOf = (view: OutingView, sit: SitAnswer, minute: number): string =>
  clockText(instantAt(view.startsAt, sit.fromMinute + minute), view.place.timeZone);

const headline = (verdict: Verdict): string => {
  if (verdict.kind === "longerThan") return `over ${durationText(verdict.minutes)}`;
  return durationText(verdict.kind === "ends" ? verdict.minutesStill : 0);
};

function short(verdict: LevelVerdict): string {
  if (verdict.kind === "longerThan") return `> ${durationText(verdict.minutes)}`;
  return verdict.kind === "ends" ? durationText(verdict.minutesStill) : "too cold on arrival";
}

function againstPlan(sit: SitAnswer): string {
  const planned = sit.toMinute - sit.fromMinute;
  const { verdict } = sit;
  const minutes = verdict.kind === "ends" ? verdict.minutesStill : verdict.kind === "longerThan" ? verdict.minutes : 0;
  const spare = minutes - planned;
  if (spare < 0) return `${durationText(-spare)} short of the ${durationText(planned)} planned`;
  return `enough for the ${durationText(planned)} planned`;
}

function Ending({
  view,
  sit,
  crossing,
  runnerUp,
}: {
  readonly view: OutingView;
  readonly sit: SitAnswer;
  readonly crossing: Crossing;
  readonly runnerUp: Crossing | null;
}) {
  return (
    <>
      <p className="flex items-center gap-2 font-semibold">
        <svg width="12" height="12" aria-hidden="true" className="fill-rust">
          <path d="M0 0h12v12H0z" />
        </svg>
        {endsItWords(crossing.limit, crossing.place)}
      </p>
      <p className="text-muted text-sm">
        {runnerUp
          ? `next: ${limitWords(runnerUp.limit, runnerUp.place)} at ${clockOf(view, sit, runnerUp.minute)}`
          : "nothing else within the time computed"}
      </p>
    </>
  );
}

function Computed({ view, result }: { readonly view: OutingView; readonly result: OutingResult }) {
  const sit = result.sits[result.decidingSit]!;
  const { verdict } = sit;
  return (
    <>
      <div className="flex items-end gap-3">
        <p data-testid="minutes-still" className="text-4xl leading-none font-bold sm:text-5xl">
          {headline(verdict)}
        </p>
        <p className="text-sm leading-tight">
          <span className="text-muted">minutes still</span>
          <br />
          <strong>
            {verdict.kind === "ends" && `until ${clockOf(view, sit, verdict.minutesStill)}`}
            {verdict.kind === "arrivesTooCold" && "arrives too cold"}
            {verdict.kind === "longerThan" && "and then not computed further"}
          </strong>
        </p>
      </div>
      <div>
        {verdict.kind === "longerThan" ? (
          <p className="text-moss-text font-semibold">nothing ends it</p>
        ) : (
          <Ending view={view} sit={sit} crossing={verdict.crossing} runnerUp={verdict.runnerUp} />
        )}
      </div>
    </>
  );
}

function boundText({ kind, minutes }: MinutesBound): string {
  if (kind === "longerThan") return `over ${durationText(minutes)}`;
  return minutes === 0 ? "too cold on arrival" : durationText(minutes);
}

const rangeText = ({ low, high }: MinutesRange): string =>
  low.kind === "longerThan" ? boundText(low) : `${boundText(low)} – ${boundText(high)}`;

type BesideProps = { readonly result: OutingResult; readonly range: MinutesRange | null };

/** What stands beside the answer: its range, the plan, and the other levels. */
function Beside({ result, range }: BesideProps) {
  const sit = result.sits[result.decidingSit]!;
  return (
    <>
      <div className="text-sm">
        <p className="font-semibold" data-testid="range">
          {range ? `range ${rangeText(range)}` : "range …"}
        </p>
        <p className="text-muted">eight cases of ten, as far as the inputs decide</p>
      </div>
      <div className="text-sm">
        <p className="font-semibold">{againstPlan(sit)}</p>
        <p className="text-muted">
          {LEVELS.map((level) => `${LEVEL_WORDS[level]} ${short(sit.byLevel[level])}`).join(" · ")}
        </p>
      </div>
      {result.extrapolated && (
        <p className="text-muted max-w-52 text-sm max-sm:max-w-none">
          This person lies outside the adult model: figures are extrapolated.
        </p>
      )}
    </>
  );
}

function Band({ view, result, range, before }: Props) {
  return (
    <>
      <section
        aria-label="Verdict"
        aria-live="polite"
        className="border-line bg-ground own-layer stays-on-top sticky top-0 z-10 flex flex-wrap items-center gap-x-8 gap-y-1 border-b py-3 max-sm:py-2"
      >
        {result ? (
          <>
            <Computed view={view} result={result} />
            <div className="contents max-sm:hidden">
              <Beside result={result} range={range} />
            </div>
          </>
        ) : (
          <p className="text-4xl leading-none font-bold sm:text-5xl">
            {before?.kind === "longerThan" ? "over " : ""}
            {before ? durationText(before.minutesStill) : "–"}
            <span className="text-muted ml-3 text-sm font-normal">
              {before ? "minutes still, as last computed …" : "no verdict yet"}
            </span>
          </p>
        )}
      </section>
      {result && (
        <div className="border-line flex flex-col gap-1 border-b py-2 sm:hidden">
          <Beside result={result} range={range} />
        </div>
      )}
    </>
  );
}

/** The answer, always in view; on a phone only its heart stays while the page scrolls. */
export const VerdictBand = memo(Band, drawnFrom<Props>("startsAt", "place"));
