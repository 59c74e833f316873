import { leastMinutesStill, type Verdict } from "../../limits";
import { sitSpans, type Outing } from "../../outing";
import { boundsOf, RangeInParts, type EndedBy, type MinutesBound, type RestedBy } from "../../range";
import { runToEnd } from "../../numeric";
import { restedPerson, type RestedPerson } from "../../sitter";
import { natureOf, simulateOuting } from "../../simulation";
import { sweatOnArrival, type SweatStep } from "../../opinion";
import type { DresserProblem } from "../outfit/dresser-problem";
import type { OutfitCode } from "../outfit/outfit-code";

/** An outfit as a whole simulation and a small range tell it: every figure that is shown. */
export type CloseLook = {
  readonly code: OutfitCode;
  /** Of the sit that decides, by the rule of `simulateOuting`. */
  readonly verdict: Verdict;
  readonly minutesStill: number;
  readonly sit: number;
  readonly plannedMinutes: number;
  /** Where the answer lies in so many cases as is wished. */
  readonly low: MinutesBound;
  readonly middle: MinutesBound;
  readonly high: MinutesBound;
  /** What ends it in most cases; `null` where nothing does. */
  readonly endedBy: EndedBy | null;
  readonly sweat: { readonly step: SweatStep; readonly gPerM2: number } | null;
};

/** Members of the small range: the day sheet computes the whole one of what is chosen. */
const LOOK_MEMBERS = 12;
/** Asked by its middle alone, an outfit still has a range: eight cases of ten. */
const SHARE_BESIDE_MIDDLE = 0.8;

/** Looks closely at outfits of one problem; people as they step out are kept between them. */
export class CloseLooks {
  private readonly known = new Map<number, RestedPerson>();

  constructor(private readonly problem: DresserProblem) {}

  private readonly restedBy: RestedBy = ({ person, start }, basalHeatFactor) => {
    const rested = this.known.get(basalHeatFactor) ?? restedPerson(person.body, start, basalHeatFactor);
    this.known.set(basalHeatFactor, rested);
    return rested;
  };

  /** @throws {CoreError} as `simulateOuting` does */
  look(code: OutfitCode): CloseLook {
    const outing = this.problem.outings.outingIn(code);
    const rested = this.restedBy(outing, natureOf(outing.person).basalHeatFactor);
    const result = simulateOuting(outing, { rested });
    const sit = result.decidingSit;
    const { verdict, fromMinute, toMinute } = result.sits[sit]!;
    const { low, middle, high, endedBy } = this.rangeIn(outing, sit);
    return {
      code,
      verdict,
      minutesStill: leastMinutesStill(verdict),
      sit,
      plannedMinutes: toMinute - fromMinute,
      low,
      middle,
      high,
      endedBy,
      sweat: sweatOnArrival(result),
    };
  }

  /** The small range of a sit of an outing of this problem's person, in so many cases as is wished. */
  rangeIn(outing: Outing, sit: number): Pick<CloseLook, "low" | "middle" | "high" | "endedBy"> {
    const answers = runToEnd(new RangeInParts(outing, sit, this.restedBy).answers(0, LOOK_MEMBERS, "sketched"));
    const sure = this.problem.wishes.sureShare || SHARE_BESIDE_MIDDLE;
    const { endedBy, ...range } = boundsOf(outing, answers, (1 - sure) / 2);
    return { low: range.low, middle: range.middle, high: range.high, endedBy: endedBy[0] ?? null };
  }
}

/** By which figure an outfit is held against the hours wanted. */
export const countedOn = (look: Pick<CloseLook, "low" | "middle">, sureShare: number): MinutesBound =>
  sureShare > 0 ? look.low : look.middle;

/** Whether an outfit lasts so long, as sure as is wished. */
export function lasts(look: CloseLook, minutes: number, sureShare: number): boolean {
  const counted = countedOn(look, sureShare);
  return counted.kind === "longerThan" || counted.minutes >= minutes;
}

/** Minutes that the first sit is planned for: what is usually wanted. */
export const plannedSitMinutes = (outing: Pick<Outing, "phases">): number => {
  const [first] = sitSpans(outing.phases);
  return first ? first.toMinute - first.fromMinute : 0;
};
