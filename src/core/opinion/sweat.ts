import type { OutingResult } from "../simulation";

/** Water in the layers of the trunk on arrival from which it is told, g/m² (assumptions): a warning, never a limit. */
export const SWEAT_STEPS_G_PER_M2 = { damp: 20, wet: 50, soaked: 100 } as const;
export type SweatStep = keyof typeof SWEAT_STEPS_G_PER_M2;

/** What the way in leaves in the layers of the trunk at the start of the first sit; `null` where they are as good as dry. */
export function sweatOnArrival({ series, sits }: Pick<OutingResult, "series" | "sits">): {
  readonly step: SweatStep;
  readonly gPerM2: number;
} | null {
  const gPerM2 = series.waterGPerM2.trunk[sits[0]!.fromMinute]!;
  const steps = Object.entries(SWEAT_STEPS_G_PER_M2) as [SweatStep, number][];
  const reached = steps.findLast(([, from]) => gPerM2 >= from);
  return reached ? { step: reached[0], gPerM2 } : null;
}
