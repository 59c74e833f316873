// Where one sleeps between two days out, and what dries there. Figures are assumptions where nothing else is said: a hut
// that is heated by hand is as warm as its fire, and dries as long as that burns.

/** Where a night is spent. */
export const NIGHT_KINDS = ["house", "heatedHut", "unheatedHut", "tent", "vehicle"] as const;
export type NightKind = (typeof NIGHT_KINDS)[number];

/** The air things hang in. */
export type NightAir = { readonly airC: number; readonly relativeHumidityPercent: number };

export type Night = {
  readonly kind: NightKind;
  /** While nothing heats. */
  readonly air: NightAir;
  /** Hours of fire or stove; the rest of the night is as cold as the air. */
  readonly fireHours: number;
  /** A drier that blows warm air into boots, liners and gloves. */
  readonly hasDrier: boolean;
  /** Batteries can be charged. */
  readonly hasMains: boolean;
  /** There is warm water to wash in. */
  readonly hasWashing: boolean;
};

/** What a night is like until somebody says otherwise (assumptions). */
export const USUAL_NIGHT: Readonly<Record<NightKind, Night>> = {
  house: night("house", 20, 40, 0, true),
  heatedHut: night("heatedHut", 5, 70, 5, false),
  unheatedHut: night("unheatedHut", -5, 80, 0, false),
  tent: night("tent", -8, 90, 0, false),
  vehicle: night("vehicle", -2, 85, 0, false),
};

function night(
  kind: NightKind,
  airC: number,
  relativeHumidityPercent: number,
  fireHours: number,
  isModern: boolean,
): Night {
  return {
    kind,
    air: { airC, relativeHumidityPercent },
    fireHours,
    hasDrier: false,
    hasMains: isModern,
    hasWashing: isModern,
  };
}

/** Under the roof while the stove burns (assumption); the air holds what water it held cold, and what dries into it. */
export const FIRE_AIR: NightAir = { airC: 24, relativeHumidityPercent: 35 };
/** An arm's length from the stove (assumption): no closer than a hand can bear. */
export const STOVE_AIR: NightAir = { airC: 35, relativeHumidityPercent: 20 };
/** A drier's own air (assumption). */
export const DRIER_AIR: NightAir = { airC: 35, relativeHumidityPercent: 20 };
/** At the body in a sleeping bag: what dries goes into the bag (assumption). */
export const SLEEPING_BAG_AIR: NightAir = { airC: 26, relativeHumidityPercent: 60 };

export const NIGHT_RANGE = {
  airC: [-40, 40],
  relativeHumidityPercent: [5, 100],
  fireHours: [0, 24],
} as const;

/** How a piece spends a night. */
export const DRIED_HOW = ["hung", "pulledOut", "leftTogether", "atTheStove", "sleepingBag", "packed"] as const;
export type DriedHow = (typeof DRIED_HOW)[number];
