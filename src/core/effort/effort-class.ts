/** What a person does, and the heat it makes over basal heat. */
type EffortRow = { readonly activityRatio: number; readonly source: string };

const PRACTICE = "ISO 8996:2021 classes, held between by assumption";

/** Efforts in words; ratios to basal heat. */
export const EFFORT_CLASS = {
  lyingStill: { activityRatio: 1.1, source: "assumption, between basal and sitting" },
  dozing: { activityRatio: 1.15, source: "half asleep on the seat: assumption, between lying and sitting" },
  sittingStill: { activityRatio: 1.3, source: "55…60 W/m², awake (ISO 8996:2021, rest sitting)" },
  fidgeting: { activityRatio: 1.45, source: "sitting, hands and feet never still: assumption" },
  standingStill: { activityRatio: 1.5, source: "about 70 W/m² (ISO 8996, standing at rest)" },
  kneelingStill: { activityRatio: 1.5, source: "taken as standing (assumption)" },
  lightHandling: { activityRatio: 1.5, source: PRACTICE },
  stretching: { activityRatio: 2, source: PRACTICE },
  settingUp: { activityRatio: 2.5, source: PRACTICE },
  drilling: { activityRatio: 4.5, source: PRACTICE },
  shovelling: { activityRatio: 5.5, source: PRACTICE },
} as const satisfies Record<string, EffortRow>;
export type EffortClass = keyof typeof EFFORT_CLASS;
