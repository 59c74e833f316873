import * as m from "@/messages";
import type { DampAt, Ending, Felt, FeltPart, Vote } from "@/core/logbook";
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
