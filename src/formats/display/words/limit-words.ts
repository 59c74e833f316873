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
  toes: "toes",
  fingers: "fingers",
  nose: "nose",
  cheeks: "cheeks",
  ears: "ears",
  body: "body",
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
    sign: "Toes: scrunch them every few minutes. Once you cannot feel them, get up and go; feet hardly recover out there.",
    isAlwaysOnCard: true,
  },
  fingers: {
    name: null,
    sign: "Fingers: touch thumb to little finger. Once you cannot, put them under the arms and go.",
    isAlwaysOnCard: true,
  },
  face: {
    name: null,
    sign: "Face: press nose and cheeks with a warm hand. White, waxy or without feeling: cover at once and go.",
    isAlwaysOnCard: true,
  },
  shivering: {
    name: "shivering",
    sign: "Body: shivering that you cannot hold back means go now.",
    isAlwaysOnCard: false,
  },
  meanSkin: {
    name: "cold all over",
    sign: "Body: cold all over and unable to sit quietly or think of anything else means go.",
    isAlwaysOnCard: false,
  },
  trunk: {
    name: "a cold core",
    sign: "Body: stumbling, slurred words, not caring any more, or shivering that has stopped: this is an emergency.",
    isAlwaysOnCard: true,
  },
  heat: {
    name: "an overheated body",
    sign: "Body: too hot, dizzy or sick, skin flushed: stop, open up and take layers off, drink; cooling down comes first.",
    isAlwaysOnCard: false,
  },
  heatDebt: {
    name: "heat debt",
    sign: "Body: shivering that does not stop when you stamp and swing your arms means go now.",
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
  return side === "left" || side === "right" ? `${side} ${words}` : words;
}

/** What was beyond its limit as the sit began and is left: "fingers back in 12 min". */
export const recoveryWords = ({ limit, place, backAfterMinutes }: Recovery): string =>
  `${limitWords(limit, place)} back in ${durationText(backAfterMinutes)}`;

/** A curve that runs along its limit: "nose stays about 7 °C, along its limit". */
export function grazeWords({ limit, place, value }: Graze, { temperature }: Pick<Preferences, "temperature">): string {
  const { unit } = LIMIT_TABLE[limit];
  const told = unit === "°C" ? temperatureText(value, temperature) : `${plainNumber(value, 1)} ${unit}`;
  const words = limitWords(limit, { ...place, side: null });
  return `${words} ${isPlural(place) ? "stay" : "stays"} about ${told}, along the limit`;
}

/** What ends a sit, as the verdict says it: "left toes end it". */
export function endsItWords(limit: Limit, place: LimitPlace): string {
  const words = limitWords(limit, place);
  return `${words} ${isPlural(place) ? "end" : "ends"} it`;
}

export const isTooHot = (limit: Limit | null): boolean => limit !== null && isOfGroup(limit, "heat");

/** How somebody arrives whose sit ends as it begins. */
export const arrivesWords = (limit: Limit | null): string => (isTooHot(limit) ? "arrives too hot" : "arrives too cold");
