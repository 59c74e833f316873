import { SEGMENT_COUNT, SEGMENTS, type Segment } from "../body";
import { SECONDS_PER_HOUR } from "../units";
import type { Wetting } from "./water-plan";

// Water from outside. All shares and rates are assumptions from the trade's practice (docs/method.md, "Water").

/** What a person may get wet by in what they do. */
export const WETTINGS = ["spray", "branches", "overflow", "wetHands"] as const;
export type WettingKind = (typeof WETTINGS)[number];

const GRAMS_PER_M2_PER_MM = 1000;

type Part = "head" | "neck" | "chest" | "back" | "pelvis" | "shoulder" | "arm" | "hand" | "thigh" | "leg" | "foot";
type Shares = Partial<Readonly<Record<Part, number>>>;

/** Of what falls on level ground, what falls on a m² of each part, upright. */
export const RAINED_ON: Readonly<Record<Part, number>> = {
  head: 0.25,
  neck: 0.1,
  chest: 0.12,
  back: 0.12,
  pelvis: 0.05,
  shoulder: 0.3,
  arm: 0.15,
  hand: 0.15,
  thigh: 0.08,
  leg: 0.05,
  foot: 0.2,
};
/** Thighs lie open to the sky in a sitting or kneeling person. */
export const RAINED_ON_THIGH_SEATED = 0.4;

/** What each doing throws on a m² of each part, g/h. */
export const THROWN_G_PER_M2H: Readonly<Record<WettingKind, Shares>> = {
  spray: { chest: 60, shoulder: 40, arm: 120, hand: 200, thigh: 60, leg: 60 },
  branches: { head: 150, neck: 200, shoulder: 150, back: 60 },
  overflow: { leg: 200 },
  wetHands: { hand: 1500, arm: 100 },
};
/** Slush that stands over the shaft of a boot, g/h on a m² of foot. */
export const SLUSH_OVER_SHAFT_G_PER_M2H = 3000;
/** Snow that falls in at the top of a shaft lower than one sinks in, g/h on a m² of foot. */
export const SNOW_OVER_SHAFT_G_PER_M2H = 250;
/** Slush about a hole drilled through wet ice stands so deep, cm. */
const SLUSH_DEPTH_CM = 12;
/** Snow that melts under what rests on it, g/h on a m² of the part, by the share of it that rests. */
export const MELTED_G_PER_M2H = 200;
const RESTING: Readonly<Record<"kneeling" | "lying" | "sitting" | "standing", Shares>> = {
  kneeling: { leg: 0.15 },
  lying: { back: 1, pelvis: 0.65, thigh: 0.15 },
  sitting: { pelvis: 0.4, thigh: 0.15 },
  standing: {},
};

/** Above it rain falls, below the lower it snows dry, between wet snow; how much of each clings. */
export const RAIN_FROM_C = 1.5;
export const DRY_SNOW_BELOW_C = -1.5;
export const WET_SNOW_CLINGS = 0.7;
export const DRY_SNOW_CLINGS = 0.05;

/** Share of what falls outside that passes an outer face, by WATER_RESISTANCE. */
export const PASSES_BY_RESISTANCE = [1, 0.5, 0.15, 0.03, 0] as const;

/** What brings water to a person at a time. */
export type WetSurroundings = {
  readonly posture: keyof typeof RESTING;
  readonly airTemperatureC: number;
  /** As water, mm/h, on what lies open. */
  readonly precipitationMmPerH: number;
  /** Share of the sky a person sees: what does not see the sky stays dry. */
  readonly skyShare: number;
  /** Resistance of the snow under what of the body rests, m²·K/W; `null` where it rests on none. */
  readonly snowUnderM2KPerW: number | null;
  readonly by: readonly WettingKind[];
  /** How deep one sinks into snow while walking, cm; 0 otherwise. */
  readonly sinkingCm: number;
  /** Lowest shaft of what is worn on the feet, cm; `null` where none is known or a gaiter closes it. */
  readonly shaftHeightCm: number | null;
};

const PART_OF: Readonly<Record<Segment, Part>> = Object.fromEntries(
  SEGMENTS.map((segment) => [segment, segment.replace(/^(left|right)/, "").toLowerCase()]),
) as Record<Segment, Part>;
const PARTS: readonly Part[] = SEGMENTS.map((segment) => PART_OF[segment]);

export const createWetting = (): Wetting => ({
  outside: new Float64Array(SEGMENT_COUNT),
  overTop: new Float64Array(SEGMENT_COUNT),
});

/** Share of precipitation that clings to cloth as water. */
export function clinging(airTemperatureC: number): number {
  if (airTemperatureC >= RAIN_FROM_C) return 1;
  return airTemperatureC < DRY_SNOW_BELOW_C ? DRY_SNOW_CLINGS : WET_SNOW_CLINGS;
}

function overTopGPerM2H({ by, sinkingCm, shaftHeightCm }: WetSurroundings): number {
  if (shaftHeightCm === null) return 0;
  const slush = by.includes("overflow") && shaftHeightCm < SLUSH_DEPTH_CM ? SLUSH_OVER_SHAFT_G_PER_M2H : 0;
  return slush + (sinkingCm > shaftHeightCm ? SNOW_OVER_SHAFT_G_PER_M2H : 0);
}

/** Parts that rest on the ground or a seat, by posture. */
export const restingShare = (segment: number, posture: WetSurroundings["posture"]): number =>
  RESTING[posture][PARTS[segment]!] ?? 0;

/**
 * Writes what meets each segment from outside; whether anything does.
 * @param melts by segment, 1 where the snow under it is warmed above 0 °C
 */
export function writeWetting(out: Wetting, at: WetSurroundings, melts: Uint8Array): boolean {
  const fallsGPerM2H =
    at.precipitationMmPerH *
    GRAMS_PER_M2_PER_MM *
    at.skyShare *
    (at.precipitationMmPerH > 0 ? clinging(at.airTemperatureC) : 0);
  const overTop = overTopGPerM2H(at) / SECONDS_PER_HOUR;
  const isSeated = at.posture === "sitting" || at.posture === "kneeling";
  let any = overTop > 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const part = PARTS[segment]!;
    const rained = part === "thigh" && isSeated ? RAINED_ON_THIGH_SEATED : RAINED_ON[part];
    let gPerM2H = fallsGPerM2H * rained;
    for (const kind of at.by) gPerM2H += THROWN_G_PER_M2H[kind][part] ?? 0;
    if (melts[segment] === 1) gPerM2H += restingShare(segment, at.posture) * MELTED_G_PER_M2H;
    out.outside[segment] = gPerM2H / SECONDS_PER_HOUR;
    out.overTop[segment] = part === "foot" ? overTop : 0;
    any ||= gPerM2H > 0;
  }
  return any;
}
