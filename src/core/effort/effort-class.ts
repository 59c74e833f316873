import * as m from "@/messages";
/** What a person does, and the heat it makes over basal heat. */
type EffortRow = { readonly activityRatio: number; readonly source: string };

const PRACTICE = m.iso89962021ClassesHeldBetween;

/** Efforts in words; ratios to basal heat. */
export const EFFORT_CLASS = {
  lyingStill: { activityRatio: 1.1, source: m.assumptionBetweenBasalAndSitting },
  dozing: { activityRatio: 1.15, source: m.halfAsleepOnTheSeatAssumption },
  sittingStill: { activityRatio: 1.3, source: m.wMAwakeIso },
  fidgeting: { activityRatio: 1.45, source: m.sittingHandsAndFeetNeverStill },
  standingStill: { activityRatio: 1.5, source: m.about70WMIso8996 },
  kneelingStill: { activityRatio: 1.5, source: m.takenAsStandingAssumption },
  lightHandling: { activityRatio: 1.5, source: PRACTICE },
  stretching: { activityRatio: 2, source: PRACTICE },
  settingUp: { activityRatio: 2.5, source: PRACTICE },
  drilling: { activityRatio: 4.5, source: PRACTICE },
  shovelling: { activityRatio: 5.5, source: PRACTICE },
} as const satisfies Record<string, EffortRow>;
export type EffortClass = keyof typeof EFFORT_CLASS;
