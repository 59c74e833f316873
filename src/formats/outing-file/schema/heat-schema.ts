import * as m from "@/messages";
import { z } from "zod";
import { HEAT_RANGE } from "@/core/heat";
import { wholeWithin, within } from "../../within";

/** Heat that a piece brings: a chemical pack, or what runs from a battery. */
export const heatSourceSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("pack"),
    powerW: within(HEAT_RANGE.packPowerW),
    hours: within(HEAT_RANGE.packHours),
    startUpMinutes: wholeWithin(HEAT_RANGE.startUpMinutes),
  }),
  z.strictObject({
    kind: z.literal("electric"),
    levelsW: z.array(within(HEAT_RANGE.levelW)).min(HEAT_RANGE.levels[0]).max(HEAT_RANGE.levels[1]),
    batteryWh: within(HEAT_RANGE.batteryWh),
  }),
]);

const minute = wholeWithin(HEAT_RANGE.openedMinute);

/** When a source runs, and at which level. */
export const heatSpansSchema = z
  .array(
    z
      .strictObject({ fromMinute: minute, toMinute: minute, level: wholeWithin(HEAT_RANGE.levels) })
      .refine(({ fromMinute, toMinute }) => fromMinute < toMinute, {
        path: ["toMinute"],
        message: m.mustComeAfterFromminute,
      }),
  )
  .max(HEAT_RANGE.spans[1]);
