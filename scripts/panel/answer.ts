import { minutesStillOf } from "@/core/limits";
import { simulateOuting } from "@/core/simulation";
import type { Outing } from "@/core/outing";
import { headlineOf, minutesRange, type Headline } from "@/core/range";
import { traceVerdict } from "@/core/trace";
import { limitWords } from "@/formats/display/words/limit-words";
import { siteWords } from "./why";
import { panelOuting } from "./panel-outing";
import type { Panel, PanelCase } from "./panel-file";

/** What the model says of a case, beside what practice expects. */
export type PanelAnswer = {
  readonly name: string;
  /** `null` when longer than simulated. */
  readonly minutes: number | null;
  readonly limit: string | null;
  readonly runnerUp: string | null;
  readonly inside: boolean;
  readonly expectMinutes: readonly [number, number];
  readonly expectLimit: string | undefined;
  readonly low: number | null;
  readonly high: number | null;
  readonly singleMinutes: number | null;
  readonly standardMinutes: number | null;
  /** What loses most at the moment that ends it. */
  readonly why: string;
};

const boundMinutes = (bound: Headline["low"]): number | null => (bound?.kind === "minutes" ? bound.minutes : null);

function whyOf(outing: Outing): string {
  const result = simulateOuting(outing);
  const trace = traceVerdict(outing, result.sits[0]!);
  return trace.kind === "longerThan" ? trace.why : siteWords(trace);
}

const limitOf = ({ endedBy }: Headline): string | null =>
  endedBy && limitWords(endedBy.limit, { ...endedBy.place, side: null });

/** Computes a case. @throws where the case names what its panel does not describe */
export function answerCase(panel: Panel, own: PanelCase): PanelAnswer {
  const outing = panelOuting(panel, own);
  const sit = simulateOuting(outing).sits[0]!;
  const headline = headlineOf(sit, minutesRange(outing, 0));
  const minutes = headline.kind === "longerThan" ? null : headline.minutes;
  const [least, most] = own.expectMinutes;
  const isInside = minutes !== null && minutes >= least && minutes <= most;
  const { verdict } = sit;
  return {
    name: own.name,
    minutes,
    limit: limitOf(headline),
    runnerUp: headline.runnerUp && limitWords(headline.runnerUp.limit, { ...headline.runnerUp.place, side: null }),
    inside: isInside,
    expectMinutes: own.expectMinutes,
    expectLimit: own.expectLimit,
    low: boundMinutes(headline.low),
    high: boundMinutes(headline.high),
    singleMinutes: minutesStillOf(verdict),
    standardMinutes: sit.standardMinutes,
    why: whyOf(outing),
  };
}
