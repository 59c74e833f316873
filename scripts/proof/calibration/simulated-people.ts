import { SitAgain, type SitMeasures, type ToldSit } from "@/core/calibration";
import { NOTHING_SAID, type Felt, type Vote } from "@/core/logbook";
import { standardMorning } from "@/core/morning/standard-morning";
import { normal, seededRandom, type RandomStream } from "@/core/numeric";
import { TRAITS, usualLevels, wornKeys, type Outing, type PersonTraits, type Worn } from "@/core/outing";
import { BOOT_SPREAD, drawnChance, OUTFIT_SPREAD, TRAIT_SPREAD } from "@/core/range";

// People who are drawn from what is known of people, and what they would note after sits. Invented throughout.

/** A person as they really are, which no note says. */
export type SimulatedPerson = {
  readonly traits: PersonTraits;
  readonly worn: (outing: Outing) => Worn;
  /** Outings they tell of, then those they are asked about. */
  readonly outings: readonly Outing[];
  readonly random: RandomStream;
};

const BODY = { heightM: 1.74, massKg: 74, fatPercent: 22, ageYears: 42, sex: "male" } as const;
const PLANNED_MINUTES = 240;
const KITS = ["middle", "best"] as const;
/** Scales of the notes: Student's t with four degrees, as the inference takes them to be. */
const SCALE = { toes: 0.2, fingers: 0.2, body: 0.25 } as const;

function studentT4(random: RandomStream): number {
  const squares = [0, 0, 0, 0].reduce((sum) => sum + normal(random) ** 2, 0);
  return normal(random) / Math.sqrt(squares / 4);
}

/** @param count outings */
export function simulatedPerson(seed: number, count: number): SimulatedPerson {
  const random = seededRandom(seed);
  const traits = Object.fromEntries(
    TRAITS.map((trait) => [trait, TRAIT_SPREAD[trait] * normal(random)]),
  ) as PersonTraits;
  const boots = new Map<string, number>();
  const outfits = new Map<string, number>();
  const known = (of: Map<string, number>, key: string, spread: number): number => {
    if (!of.has(key)) of.set(key, spread * normal(random));
    return of.get(key)!;
  };
  const outings = Array.from({ length: count }, (_, place): Outing => {
    const morning = standardMorning({ body: BODY, accepted: usualLevels(BODY) }, KITS[place % KITS.length]);
    const airTemperatureC = (place % 2 === 0 ? -2 : -10) - 6 * random();
    const windMPerS = 1 + 3 * random();
    return { ...morning, weather: morning.weather.map((hour) => ({ ...hour, airTemperatureC, windMPerS })) };
  });
  const worn = (outing: Outing): Worn => {
    const keys = wornKeys(outing);
    return {
      lnBoots: known(boots, keys.boots ?? "", BOOT_SPREAD),
      lnOutfit: known(outfits, keys.outfit, OUTFIT_SPREAD),
    };
  };
  outings.forEach(worn); // drawn before any note, whoever asks first
  return { traits, worn, outings, random };
}

/** Natural logarithm of the minutes until a sit ends: cold fingers at rest are noted, but end none. */
export const lnFirst = ({ lnToes, lnBody }: SitMeasures): number => Math.min(lnToes, lnBody);

/** What is noted: every part with its time, or how long alone and what ended it. */
export type Noting = "everyPart" | "endingPart";

const CUTS: readonly [Vote, number][] = [
  ["warm", 25],
  ["neutral", 20],
  ["cool", 15],
  ["cold", 10],
];
const voteOf = (digitC: number): Vote => CUTS.find(([, cut]) => digitC >= cut)?.[0] ?? "painful";

/** A sit of a person, and the note they make of it. */
export function toldSit(person: SimulatedPerson, outing: Outing, noting: Noting): ToldSit {
  const { traits, worn, random } = person;
  const chance = drawnChance(random);
  const really = new SitAgain(outing, PLANNED_MINUTES).measures(traits, worn(outing), chance);
  const noted = (ln: number, scale: number): number =>
    Math.max(5, Math.round(Math.exp(ln + scale * studentT4(random))));
  const cold = {
    leftToes: noted(really.lnToes, SCALE.toes),
    leftFingers: noted(really.lnFingers, SCALE.fingers),
    body: noted(really.lnBody, SCALE.body),
  } as const;
  const parts = Object.keys(cold) as (keyof typeof cold)[];
  const first = cold.body < cold.leftToes ? "body" : "leftToes";
  if (noting === "endingPart") {
    const isCold = cold[first] < PLANNED_MINUTES;
    const felt: Felt = {
      ...NOTHING_SAID,
      minutes: Math.min(PLANNED_MINUTES, cold[first]),
      ended: isCold ? "cold" : "gameOver",
      first: isCold ? first : null,
    };
    return { outing, felt };
  }
  const votes = { leftToes: voteOf(really.toesC), leftFingers: voteOf(really.fingersC), body: "cool" as Vote };
  const felt: Felt = {
    ...NOTHING_SAID,
    minutes: PLANNED_MINUTES,
    ended: "gameOver",
    first: null,
    parts: Object.fromEntries(
      parts.map((part) => [
        part,
        cold[part] < PLANNED_MINUTES
          ? { vote: "cold", coldAfterMinutes: cold[part] }
          : {
              vote: votes[part] === "cold" || votes[part] === "painful" ? "cool" : votes[part],
              coldAfterMinutes: null,
            },
      ]),
    ),
  };
  return { outing, felt };
}
