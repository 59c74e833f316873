import * as m from "@/messages";
import { onSide } from "./body-words";
import {
  isOfGroup,
  LIMIT_TABLE,
  LIMITS,
  type Graze,
  type Limit,
  type LimitPart,
  type LimitPlace,
  type Recovery,
} from "@/core/limits";
import { plainNumber, temperatureText } from "../numbers";
import type { Preferences } from "../preferences";
import { durationText } from "../time";

const PART_WORDS: Readonly<Record<LimitPart, string>> = {
  toes: m.toes,
  fingers: m.fingers,
  nose: m.nose,
  cheeks: m.cheeks,
  ears: m.ears,
  body: m.body,
};

type Words = {
  /** What ends a sit; `null`: the part of the body says it. */
  readonly name: string | null;
  /** What to feel for before it is reached, and what to do. Common practice, no source. */
  readonly sign: string;
  /** The sign stands on every card, whatever ends the sit. */
  readonly isAlwaysOnCard: boolean;
};

const LIMIT_WORDS: Readonly<Record<Limit, Words>> = {
  toes: {
    name: null,
    sign: m.toesScrunchThemEveryFewMinutes,
    isAlwaysOnCard: true,
  },
  fingers: {
    name: null,
    sign: m.fingersTouchThumbToLittleFinger,
    isAlwaysOnCard: true,
  },
  face: {
    name: null,
    sign: m.facePressNoseAndCheeksWith,
    isAlwaysOnCard: true,
  },
  shivering: {
    name: m.shivering,
    sign: m.bodyShiveringThatYouCannotHold,
    isAlwaysOnCard: false,
  },
  meanSkin: {
    name: m.coldAllOver,
    sign: m.bodyColdAllOverAndUnable,
    isAlwaysOnCard: false,
  },
  trunk: {
    name: m.aColdCore,
    sign: m.bodyStumblingSlurredWordsNotCaring,
    isAlwaysOnCard: true,
  },
  heat: {
    name: m.anOverheatedBody,
    sign: m.bodyTooHotDizzyOrSick,
    isAlwaysOnCard: false,
  },
  heatDebt: {
    name: m.heatDebt,
    sign: m.bodyShiveringThatDoesNotStop,
    isAlwaysOnCard: false,
  },
};

/** Signs to watch: those of what ends the sit first, then those that always count. */
export const signsFor = (endedBy: Limit | null): string[] => [
  ...new Set(
    [...(endedBy ? [endedBy] : []), ...LIMITS.filter((limit) => LIMIT_WORDS[limit].isAlwaysOnCard)].map(
      (limit) => LIMIT_WORDS[limit].sign,
    ),
  ),
];

const isPlural = ({ part }: Pick<LimitPlace, "part">): boolean => ["toes", "fingers", "cheeks", "ears"].includes(part);

/** "left toes", "fingers", "cold all over". */
export function limitWords(limit: Limit, { part, side }: LimitPlace): string {
  const words = LIMIT_WORDS[limit].name ?? PART_WORDS[part];
  return onSide(words, side);
}

const BY_PART: Partial<Readonly<Record<Limit, string>>> = { toes: m.toes, fingers: m.fingers, face: m.limitFace };

/** A limit by itself, wherever it is passed. */
export const limitName = (limit: Limit): string => LIMIT_WORDS[limit].name ?? BY_PART[limit] ?? limit;

/** What was beyond its limit as the sit began and is left: "fingers back in 12 min". */
export const recoveryWords = ({ limit, place, backAfterMinutes }: Recovery): string =>
  m.backIn({ limit: limitWords(limit, place), backAfterMinutes: durationText(backAfterMinutes) });

/** A curve that runs along its limit: "nose stays about 7 °C, along its limit". */
export function grazeWords({ limit, place, value }: Graze, { temperature }: Pick<Preferences, "temperature">): string {
  const { unit } = LIMIT_TABLE[limit];
  const told = unit === "°C" ? temperatureText(value, temperature) : `${plainNumber(value, 1)} ${unit}`;
  const words = limitWords(limit, { ...place, side: null });
  return m.aboutAlongTheLimit({ words, value: isPlural(place) ? m.stay : m.stays, told });
}

/** What ends a sit, as the verdict says it: "left toes end it". */
export function endsItWords(limit: Limit, place: LimitPlace): string {
  const words = limitWords(limit, place);
  return m.it({ words, value: isPlural(place) ? m.end : m.ends });
}

export const isTooHot = (limit: Limit | null): boolean => limit !== null && isOfGroup(limit, "heat");

/** How somebody arrives whose sit ends as it begins. */
export const arrivesWords = (limit: Limit | null): string => (isTooHot(limit) ? m.arrivesTooHot : m.arrivesTooCold);
