import * as m from "@/messages";
import { DEVIATIONS_OF_EIGHT_IN_TEN, type LearntPart, type LearntShare, type WayToTell } from "@/core/calibration";
import type { Trait } from "@/core/outing";
import type { MinutesBound, RangeBounds } from "@/core/range";
import type { DampAt, Ending, Felt, FeltPart, Vote } from "@/core/logbook";
import { plainNumber } from "../numbers";
import { durationText } from "../time";

export const FELT_PART_WORDS: Readonly<Record<FeltPart, string>> = {
  leftToes: m.logbookLeftToes,
  rightToes: m.logbookRightToes,
  leftFingers: m.logbookLeftFingers,
  rightFingers: m.logbookRightFingers,
  face: m.logbookFace,
  body: m.logbookBody,
};
export const VOTE_WORDS: Readonly<Record<Vote, string>> = {
  warm: m.logbookWarm,
  neutral: m.logbookNeutral,
  cool: m.logbookCool,
  cold: m.logbookCold,
  painful: m.logbookPainful,
  numb: m.logbookNumb,
};
export const ENDING_WORDS: Readonly<Record<Ending, string>> = {
  cold: m.logbookEndedCold,
  gameOver: m.logbookEndedGameOver,
  weather: m.logbookEndedWeather,
  other: m.logbookEndedOther,
};
export const DAMP_WORDS: Readonly<Record<DampAt, string>> = {
  head: m.logbookDampHead,
  trunk: m.logbookDampTrunk,
  arms: m.logbookDampArms,
  hands: m.logbookDampHands,
  legs: m.logbookDampLegs,
  feet: m.logbookDampFeet,
};

/** "1 h 40, ended by the cold: toes left first". */
export function feltWords({ minutes, ended, first }: Felt): string {
  const how = ended ? ENDING_WORDS[ended] : null;
  const what = first ? m.logbookFirstCold({ part: FELT_PART_WORDS[first] }) : null;
  return [durationText(minutes), how, what].filter((own) => own !== null).join(" · ");
}

export const LEARNT_PART_WORDS: Readonly<Record<LearntPart, string>> = {
  toes: m.toes,
  fingers: m.fingers,
  body: m.logbookBody,
};

export const WAY_WORDS: Readonly<Record<WayToTell, string>> = {
  ending: m.learntByEnding,
  everyPart: m.learntByEveryPart,
  heartRate: m.learntByHeartRate,
  ruler: m.learntByRuler,
  logger: m.learntByLogger,
};

/** "÷ 1.4 to × 1.4", from a standard deviation of the logarithm. */
export const factorOfEightInTen = (spread: number): string =>
  plainNumber(Math.exp(DEVIATIONS_OF_EIGHT_IN_TEN * spread), 2);
/** A standard deviation of the logarithm as a share, in percent. */
export const percentOf = (spread: number): string => plainNumber(100 * (Math.exp(spread) - 1), 0);

export const TRAIT_WORDS: Readonly<Record<Trait, string>> = {
  sittingHeatWPerM2: m.learntSittingHeat,
  lnFlowFingers: m.learntFlowFingers,
  lnFlowToes: m.learntFlowToes,
  feltToesK: m.learntFeltToes,
  feltFingersK: m.learntFeltFingers,
  lnTolerance: m.learntTolerance,
};

/** Nearer to people in general than this, it is as they are. */
const ALIKE_SHARE = 0.05;
/** Later than this it is not told how much: hardly anybody sits so long. */
const MUCH_LONGER_SHARE = 3;
const percent = (share: number): string => String(Math.round(100 * share));

/** "toes: cold 23 % sooner than people in general (eight cases of ten: 62 to 95 % of their time)". */
export function learntShareWords({ part, low, middle, high }: LearntShare): string {
  const name = LEARNT_PART_WORDS[part];
  const range =
    high > MUCH_LONGER_SHARE
      ? m.learntShareOpen({ low: percent(low) })
      : m.learntShareRange({ low: percent(low), high: percent(high) });
  if (Math.abs(middle - 1) < ALIKE_SHARE) return `${m.learntAlike({ part: name })} ${range}`;
  const by = percent(Math.abs(middle - 1));
  return `${middle < 1 ? m.learntSooner({ part: name, by }) : m.learntLater({ part: name, by })} ${range}`;
}

/** "37 min to 2 h 06, middle 1 h 26". */
export const learntRangeWords = ({ low, middle, high }: RangeBounds): string => {
  const words = ({ kind, minutes }: MinutesBound): string =>
    kind === "longerThan" ? m.learntLonger : durationText(minutes);
  return m.learntRange({ low: words(low), middle: words(middle), high: words(high) });
};
