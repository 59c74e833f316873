import { MINUTES_PER_HOUR } from "../units";
import type { Range } from "../errors";
import { capacityShare, pocketC } from "../heat";

/** A cell in a device follows the air to so near, with this time constant, min (assumption). */
export const COOLS_WITHIN_MIN = 40;
/** A cold cell against the body is warm again after about two of its time constants, min (assumption). */
const RECOVERS_WITHIN_MIN = 60;
/** Below this share of its capacity a device cuts off (assumption). */
const CUT_OFF_SHARE = 0.1;
const STEP_MIN = 1;
const LONGEST_MIN = 24 * MINUTES_PER_HOUR;

export const DEVICE_RANGE = {
  batteryWh: [0.5, 300],
  drawW: [0.05, 60],
  batteries: [1, 12],
} as const satisfies Record<string, Range>;

/** A device, what it draws and what it runs from. */
export type Device = { readonly batteryWh: number; readonly drawW: number; readonly batteries: number };

/** How long device batteries last in the cold, and how they are changed round. */
export type DevicePlan = {
  /** Minutes until a warm battery put in has to come out. */
  readonly swapAfterMinutes: number;
  /** Minutes all batteries last, those that came out warmed against the body and used again. */
  readonly lastsMinutes: number;
  /** Batteries that are needed so that a warm one is always ready while the first warm up again. */
  readonly rotation: number;
};

/**
 * Plans batteries of a device. A battery put in warm cools towards the air and gives only what its temperature allows;
 * what it could not give comes back against the body.
 * @source shares of capacity by temperature as of heated clothes; times are assumptions beside common practice
 */
export function devicePlan({ batteryWh, drawW, batteries }: Device, airTemperatureC: number): DevicePlan {
  const warmC = pocketC(airTemperatureC);
  let leftWh = batteryWh;
  let swapAfterMinutes = 0;
  while (
    swapAfterMinutes < LONGEST_MIN &&
    isUsable(leftWh, batteryWh, coldAfter(swapAfterMinutes, warmC, airTemperatureC))
  ) {
    leftWh -= (drawW * STEP_MIN) / MINUTES_PER_HOUR;
    swapAfterMinutes += STEP_MIN;
  }
  const usableWh = batteries * batteryWh * Math.max(0, capacityShare(warmC) - CUT_OFF_SHARE);
  return {
    swapAfterMinutes,
    lastsMinutes: Math.min(LONGEST_MIN, Math.max(swapAfterMinutes, (usableWh / drawW) * MINUTES_PER_HOUR)),
    rotation: 1 + Math.ceil(RECOVERS_WITHIN_MIN / Math.max(STEP_MIN, swapAfterMinutes)),
  };
}

/**
 * What can be drawn of batteries kept against the body, Wh: the cold withholds a share of all they hold, and the last of it
 * no device takes.
 * @param leftWh what is in them, of `holdsWh`
 */
export const drawableWh = (leftWh: number, holdsWh: number, airTemperatureC: number): number =>
  Math.max(0, leftWh - holdsWh * (1 - Math.max(0, capacityShare(pocketC(airTemperatureC)) - CUT_OFF_SHARE)));

const coldAfter = (minutes: number, warmC: number, airTemperatureC: number): number =>
  airTemperatureC + (warmC - airTemperatureC) * Math.exp(-minutes / COOLS_WITHIN_MIN);

/** What is drawn has to be there, and the cold withholds the rest. */
const isUsable = (leftWh: number, batteryWh: number, cellC: number): boolean =>
  leftWh - batteryWh * (1 - capacityShare(cellC)) > CUT_OFF_SHARE * batteryWh * capacityShare(cellC);
