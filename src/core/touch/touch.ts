import { assertInRange, type Range } from "../errors";
import { bisect } from "../numeric";
import { SECONDS_PER_HOUR } from "../units";

// Bare skin on a cold thing: how warm the touch is, and how long until it freezes.

/** What a thing is made of: the root of conductivity × density × specific heat, W·s^½/(m²·K). Handbook properties. */
export const TOUCHED_EFFUSIVITY = {
  aluminium: 23_000,
  steel: 13_500,
  glass: 1_450,
  plastic: 650,
  wood: 400,
  foam: 40,
} as const;
export type Touched = keyof typeof TOUCHED_EFFUSIVITY;

/** Of living skin, poorly supplied with blood (common in the literature of contact temperatures; from memory). */
export const SKIN_EFFUSIVITY = 1_200;
/**
 * Touching lightly, skin and thing meet over a film of air and grease, W/(m²·K): so that a fingertip on aluminium at
 * −10 °C freezes after some 6 s and at −20 °C after under 2 s, as ISO 13732-3 has it (from memory).
 */
const TOUCH_CONDUCTANCE_W_PER_M2K = 1_000;
/** A thin liner glove of 250 g/m² knit, pressed, m²·K/W (as its label reads). */
export const THIN_GLOVE_M2K_PER_W = 0.02;
/** A chilled fingertip comes back from a touch with this time constant, s (assumption; slower once it is white). */
const REWARMS_IN_S = 300;
const MOST_TOUCHES = 100;
/** Skin is that of a chilled finger (assumption), °C. */
export const USUAL_TOUCHING_SKIN_C = 25;
/** Beyond an hour the answer is no longer about a touch, s. */
const LONGEST_S = SECONDS_PER_HOUR;
export const TOUCH_RANGE = { thingC: [-60, 10], skinC: [0, 36] } as const satisfies Record<string, Range>;

/** How a touch goes. */
export type TouchAnswer = {
  /** Temperature at which skin and thing meet at once, °C. */
  readonly contactC: number;
  /** Seconds until the skin's surface is at 0 °C; `null` where it does not come there within an hour. */
  readonly secondsToFreezing: number | null;
};

/**
 * Bare skin held on a thing as cold as the air: two half-spaces over a contact conductance.
 * The surface of the skin falls from its own temperature to the contact temperature as `1 − e^(z²)·erfc(z)`,
 * z = h·√t·(1/e_skin + 1/e_thing).
 * @param thingC °C, −60…10
 * @param gloveM2KPerW what is worn between, m²·K/W
 * @throws {CoreError} `out-of-range`
 * @source half-spaces in contact (any text on conduction; ISO 13732-3 rests on the same); what a thick thing does
 */
export function touch(
  touched: Touched,
  thingC: number,
  skinC: number = USUAL_TOUCHING_SKIN_C,
  gloveM2KPerW = 0,
): TouchAnswer {
  assertInRange("thingC", thingC, TOUCH_RANGE.thingC);
  assertInRange("skinC", skinC, TOUCH_RANGE.skinC);
  const thing = TOUCHED_EFFUSIVITY[touched];
  const contactC = (SKIN_EFFUSIVITY * skinC + thing * thingC) / (SKIN_EFFUSIVITY + thing);
  if (contactC >= 0) return { contactC, secondsToFreezing: null };
  const wanted = skinC / (skinC - contactC);
  const z = argumentOfGone(wanted);
  const seconds = (z / rateOf(thing, gloveM2KPerW)) ** 2;
  return { contactC, secondsToFreezing: seconds <= LONGEST_S ? seconds : null };
}

/** How fast skin and thing come to their contact temperature, 1/√s. */
const rateOf = (thing: number, gloveM2KPerW: number): number =>
  (1 / SKIN_EFFUSIVITY + 1 / thing) / (1 / TOUCH_CONDUCTANCE_W_PER_M2K + gloveM2KPerW);

/**
 * Touches of so many seconds, again and again, until one of them freezes; `null` where a hundred do not.
 * @param everyS from the start of one touch to the next, s
 * @throws {CoreError} `out-of-range`
 * @source as of `touch`; the skin comes back in between by an assumed time constant
 */
export function touchesToFreezing(
  touched: Touched,
  thingC: number,
  {
    seconds,
    everyS,
    gloveM2KPerW = 0,
  }: { readonly seconds: number; readonly everyS: number; readonly gloveM2KPerW?: number },
): number | null {
  const thing = TOUCHED_EFFUSIVITY[touched];
  const share = gone(rateOf(thing, gloveM2KPerW) * Math.sqrt(seconds));
  const back = Math.exp(-Math.max(0, everyS - seconds) / REWARMS_IN_S);
  let skinC = USUAL_TOUCHING_SKIN_C;
  for (let count = 1; count <= MOST_TOUCHES; count++) {
    const { contactC } = touch(touched, thingC, Math.max(0, skinC), gloveM2KPerW);
    const cooledC = skinC + (contactC - skinC) * share;
    if (cooledC <= 0) return count;
    skinC = USUAL_TOUCHING_SKIN_C + (cooledC - USUAL_TOUCHING_SKIN_C) * back;
  }
  return null;
}

/** Share of the way to the contact temperature gone at z. */
const gone = (z: number): number => 1 - scaledComplement(z);

/** Beyond it all but a thousandth of the way is gone. */
const MOST_Z = 600;
const Z_WITHIN = 1e-6;

const argumentOfGone = (share: number): number =>
  share >= gone(MOST_Z) ? Infinity : bisect((z) => gone(z) - share, 0, MOST_Z, Z_WITHIN);

/** From here on the asymptotic series is nearer than the rational approximation. */
const ASYMPTOTIC_FROM = 3;

/** e^(z²)·erfc(z), z ≥ 0. @source Abramowitz & Stegun, 7.1.26 and from 3 on the asymptotic series 7.1.23 */
export function scaledComplement(z: number): number {
  if (z >= ASYMPTOTIC_FROM) {
    const x = 1 / (2 * z * z);
    return (1 - x + 3 * x * x - 15 * x ** 3) / (z * Math.sqrt(Math.PI));
  }
  const t = 1 / (1 + 0.3275911 * z);
  return t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
}
