import { bodyParameters } from "../body";
import type { Misfit } from "../clothing";
import { exertionOf, type Exertion } from "../effort";
import { WeatherCourse } from "../weather";
import { ActivityConditions, workedDoing } from "./conditions";
import { OutfitResolver, type OutfitState, type OutfitTimeline } from "../dressing";
import { BroughtHeats } from "../dressing";
import { HungPieces, type HungBefore } from "../dressing";
import { handsNeeded, NO_HANDS, type HandsNeeded } from "../dressing";
import { BARINGS, type Baring, type Doing, type Outing, type Phase } from "../outing";
import { withRadiation } from "./radiation";
import { activityAt, activitiesOf } from "../outing";
import type { Conditions } from "../sitter";

const MIDDLE_OF_MINUTE = 0.5;

/** A strand with its clothes and surroundings. */
type ActivityRun = { readonly conditions: ActivityConditions; readonly timeline: OutfitTimeline };

/** The clothes of an outing, to be worn by many variations of it whose labels are read otherwise. */
export type LabelErrors = { readonly resolver: OutfitResolver; readonly misfit: Misfit };

/** @throws {CoreError} `unknown-piece` */
export const outfitResolverOf = ({ pieces, wearings, person }: Outing): OutfitResolver =>
  new OutfitResolver(pieces, wearings, person.body);

/** Everything that surrounds a person through an outing, prepared once. */
export class Surroundings {
  private readonly outing: Outing;
  private readonly hung: HungPieces;
  private readonly runs: readonly (readonly ActivityRun[])[];

  /**
   * @param labelErrors what is worn, resolved before, with labels that say too much or too little
   * @throws {CoreError} `no-weather`, `unknown-piece`, `out-of-range`
   */
  constructor(outing: Outing, labelErrors: LabelErrors | null = null) {
    this.outing = outing;
    this.hung = new HungPieces(outing.pieces, outing.wearings);
    const weather = new WeatherCourse(withRadiation(outing));
    const resolver = labelErrors?.resolver ?? outfitResolverOf(outing);
    const byNeed = new Map<string, OutfitTimeline>();
    const dressesFor = (needed: HandsNeeded, bares: Baring | undefined): OutfitTimeline => {
      const key = `${needed.left} ${needed.right} ${bares ?? ""}`;
      const hands = needed.left === 0 && needed.right === 0 ? NO_HANDS : needed;
      const known = byNeed.get(key) ?? resolver.timeline(hands, bares && BARINGS[bares], labelErrors?.misfit);
      byNeed.set(key, known);
      return known;
    };
    const exertion = exertionFor(outing);
    const heats = new BroughtHeats(outing, outing.person.body);
    this.runs = outing.phases.map((phase) =>
      activitiesOf(phase).map((doing) => ({
        conditions: new ActivityConditions(outing, weather, heats, phase, workedDoing(doing, exertion(doing))),
        timeline: dressesFor(handsNeeded(doing, outing.person), doing.bares),
      })),
    );
  }

  /**
   * Conditions of a minute of the outing.
   * @param phase place of the phase that goes on
   * @param minuteInPhase minutes since its start; beyond its length the phase is held
   * @param dressMinute minute whose clothes are worn
   * @param weatherAt when to look at the weather; the middle of the minute when not given
   */
  at(
    minute: number,
    phase: number,
    minuteInPhase: number,
    dressMinute = minute,
    weatherAt = minute + MIDDLE_OF_MINUTE,
  ): Conditions {
    const { conditions, timeline: timeline } =
      this.runs[phase]![activityAt(this.outing.phases[phase]!, minuteInPhase)]!;
    return conditions.at(weatherAt, timeline.at(dressMinute));
  }

  /**
   * The minute, `to` at most, up to which doing and clothes stay what they are.
   * @param dressHeldAt minute whose clothes are worn all along, if so
   */
  sameUntil(minute: number, to: number, phase: number, minuteInPhase: number, dressHeldAt?: number): number {
    const activity = activityAt(this.outing.phases[phase]!, minuteInPhase);
    const until = dressHeldAt === undefined ? this.runs[phase]![activity]!.timeline.nextAfter(minute, to) : to;
    for (let later = minute + 1; later < until; later++) {
      if (activityAt(this.outing.phases[phase]!, minuteInPhase + later - minute) !== activity) return later;
    }
    return until;
  }

  /** What hung in the air until it is put on at this minute. */
  hungUntil(minute: number): readonly HungBefore[] {
    return this.hung.until(minute);
  }

  /** The clothes of a minute, as they are without a task. */
  dressAt(minute: number, phase: number): OutfitState {
    return this.runs[phase]![0]!.timeline.at(minute);
  }

  /** The clothes in which a minute is lived, handwear off for a task; arguments as of `at`. */
  dressLivedIn(minute: number, phase: number, minuteInPhase: number, dressMinute = minute): OutfitState {
    const { timeline: timeline } = this.runs[phase]![activityAt(this.outing.phases[phase]!, minuteInPhase)]!;
    return timeline.at(dressMinute);
  }
}

/** What each doing asks of this person's body. */
function exertionFor({ person }: Outing): (doing: Doing) => Exertion {
  let basalHeatW: number | null = null;
  const stated = ({ effort, activityRatio, walkSpeedMPerS }: Doing): Exertion => {
    if (!effort) return { activityRatio, walkSpeedMPerS, rideSpeedMPerS: 0 };
    basalHeatW ??= bodyParameters(person.body).basalHeatW;
    return exertionOf(effort, person.body.massKg, basalHeatW);
  };
  return (doing) => {
    const exertion = stated(doing);
    const { effortFactor = 1, heatFactor = 1 } = doing;
    const worked = 1 + (exertion.activityRatio - 1) * effortFactor;
    return { ...exertion, activityRatio: Math.max(1, worked * heatFactor) };
  };
}

/** Which phase a minute of the outing lies in, and how far into it; the last phase holds beyond the end. */
export function phaseAt(
  phases: readonly Phase[],
  minute: number,
): { readonly phase: number; readonly minuteInPhase: number } {
  let start = 0;
  for (let phase = 0; phase < phases.length; phase++) {
    const end = start + phases[phase]!.minutes;
    if (minute < end || phase === phases.length - 1) return { phase, minuteInPhase: minute - start };
    start = end;
  }
  return { phase: 0, minuteInPhase: minute };
}
