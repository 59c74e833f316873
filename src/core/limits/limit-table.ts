/** How much a person accepts: comfort, cold (the default), hard. */
export const LEVELS = ["comfort", "cold", "hard"] as const;
export type Level = (typeof LEVELS)[number];

export const LIMITS = ["toes", "fingers", "face", "heatDebt", "shivering", "trunk"] as const;
export type Limit = (typeof LIMITS)[number];

type LimitRow = {
  /** Which side of the value is beyond the limit. */
  readonly beyond: "below" | "above";
  readonly unit: "°C" | "W·h/m²" | "W/m²";
  /** `null` where a level knows no such limit. */
  readonly value: Readonly<Record<Level, number | null>>;
  readonly source: string;
};

/** What ends a sit. Sources are those of docs/method.md; each value stands here once. */
export const LIMIT_TABLE: Readonly<Record<Limit, LimitRow>> = {
  toes: {
    beyond: "below",
    unit: "°C",
    value: { comfort: 20, cold: 15, hard: 10 },
    source: "15 °C pain begins, 10 °C numb: Enander 1984; Kuklane 2004",
  },
  fingers: {
    beyond: "below",
    unit: "°C",
    value: { comfort: 20, cold: 15, hard: 10 },
    source: "fine work suffers below 15 °C: Heus et al. 1995; ISO 11079 local criteria 24 and 15 °C",
  },
  face: {
    beyond: "below",
    unit: "°C",
    value: { comfort: 15, cold: 10, hard: 5 },
    source: "Danielsson 1996; ISO 11079",
  },
  heatDebt: {
    beyond: "above",
    unit: "W·h/m²",
    value: { comfort: 25, cold: 40, hard: 60 },
    source: "40 W·h/m²: ISO 11079 duration limited exposure; the others are assumptions",
  },
  shivering: {
    beyond: "above",
    unit: "W/m²",
    value: { comfort: 5, cold: 25, hard: 60 },
    source: "for 5 minutes; 25 W/m² spoils aim and focus (assumption)",
  },
  trunk: {
    beyond: "below",
    unit: "°C",
    value: { comfort: null, cold: 36.3, hard: 36 },
    source: "36.0 °C: ISO 9886; 36.3 °C is an assumption",
  },
};

/** Shivering counts once it has lasted this long. */
export const SHIVERING_LASTS_MINUTES = 5;
/** A limit passed counts unless the value is back inside within this time. */
export const RECOVERY_MINUTES = 20;
/** If nothing ends the sit within this time after its planned end, the answer is "longer than". */
export const HELD_PAST_PLAN_MINUTES = 360;
