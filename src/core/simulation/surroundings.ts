import { bodyParameters } from "../body";
import { readLabel } from "../labels";
import type { Layer } from "../clothing";
import { natureOf } from "./nature";
import type { Misfit } from "../clothing";
import { exertionOf, type Exertion } from "../effort";
import { WeatherCourse } from "../weather";
import { ActivityConditions, workedDoing } from "./conditions";
import { OutfitResolver, type OutfitState, type OutfitTimeline } from "../dressing";
import { BroughtHeats } from "../dressing";
import { HungPieces, type HungBefore } from "../dressing";
import { handsNeeded, NO_HANDS, type HandsNeeded } from "../dressing";
import {
  BARINGS,
  isDoneStill,
  traitsOf,
  wornAsLearnt,
  type Baring,
  type Doing,
  type Outing,
  type Phase,
} from "../outing";
import { withRadiation } from "./radiation";
import { activityAt, activitiesOf } from "../outing";
import type { Conditions } from "../sitter";

const MIDDLE_OF_MINUTE = 0.5;

/** A strand with its clothes and surroundings. */
type ActivityRun = { readonly conditions: ActivityConditions; readonly timeline: OutfitTimeline };

/** The clothes of an outing, to be worn by many variations of it whose labels are read otherwise. */
export type LabelErrors = {
  readonly resolver: OutfitResolver;
  /** As was learnt of the person's clothes when not given. */
  readonly misfit?: Misfit | undefined;
};

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
    const misfit = labelErrors?.misfit ?? misfitAsLearnt(outing);
    const byNeed = new Map<string, OutfitTimeline>();
    const dressesFor = (needed: HandsNeeded, bares: Baring | undefined): OutfitTimeline => {
      const key = `${needed.left} ${needed.right} ${bares ?? ""}`;
      const hands = needed.left === 0 && needed.right === 0 ? NO_HANDS : needed;
      const known = byNeed.get(key) ?? resolver.timeline(hands, bares && BARINGS[bares], misfit);
      byNeed.set(key, known);
      return known;
    };
    const exertion = exertionFor(outing);
    const heats = new BroughtHeats(outing, outing.person.body);
    this.runs = outing.phases.map((phase) =>
      activitiesOf(phase).map((doing) => ({
        conditions: new ActivityConditions(outing, weather, heats, phase, workedDoing(doing, exertion(doing, phase))),
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

/** What of the clothes insulates otherwise than it is read to, as far as that was learnt. */
function misfitAsLearnt(outing: Outing): Misfit | undefined {
  const { learnt } = outing.person;
  if (!learnt) return undefined;
  const { lnBoots, lnOutfit } = wornAsLearnt(learnt, outing);
  if (lnBoots === 0 && lnOutfit === 0) return undefined;
  const bootLayers = new Set<Layer>();
  for (const { kind, label } of outing.pieces) {
    if (kind === "footwear")
      for (const { layers } of readLabel(label)) layers.forEach((layer) => bootLayers.add(layer));
  }
  const [boots, others] = [Math.exp(lnBoots), Math.exp(lnOutfit)];
  return { cloth: (layer) => (bootLayers.has(layer) ? boots : others), gaps: 1 };
}

/** What each doing asks of this person's body. */
function exertionFor({ person }: Outing): (doing: Doing, phase: Phase) => Exertion {
  let basal: { readonly heatW: number; readonly surfaceM2: number } | null = null;
  const basalOf = () => {
    const { basalHeatW, surfaceM2 } = bodyParameters(person.body);
    return (basal ??= { heatW: basalHeatW, surfaceM2 });
  };
  const stated = ({ effort, activityRatio, walkSpeedMPerS }: Doing): Exertion =>
    effort
      ? exertionOf(effort, person.body.massKg, basalOf().heatW)
      : { activityRatio, walkSpeedMPerS, rideSpeedMPerS: 0 };
  const { sittingHeatWPerM2 } = traitsOf(person.learnt);
  const ownSitting = (): number => {
    const { heatW, surfaceM2 } = basalOf();
    return (sittingHeatWPerM2 * surfaceM2) / (heatW * natureOf(person).basalHeatFactor);
  };
  return (doing, phase) => {
    const exertion = stated(doing);
    const { effortFactor = 1, heatFactor = 1 } = doing;
    const worked = 1 + (exertion.activityRatio - 1) * effortFactor;
    const sitting = sittingHeatWPerM2 !== 0 && isDoneStill(doing, phase) ? ownSitting() : 0;
    return { ...exertion, activityRatio: Math.max(1, worked * heatFactor + sitting) };
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
