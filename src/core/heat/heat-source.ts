import type { Range } from "../errors";

/** Heat that a piece brings along. */
export type HeatSource =
  | {
      /** A chemical pack: once opened it runs until it is spent. Figures of one pack; a pair is two. */
      readonly kind: "pack";
      readonly powerW: number;
      readonly hours: number;
      readonly startUpMinutes: number;
    }
  | {
      /** A warmer or heated garment: power by level, all of the piece together, from one battery. */
      readonly kind: "electric";
      readonly levelsW: readonly number[];
      readonly batteryWh: number;
    };

/** When a source runs and at which level (1 is the lowest); for a pack its start is when it is opened. */
export type HeatSpan = { readonly fromMinute: number; readonly toMinute: number; readonly level: number };

export const HEAT_RANGE = {
  packPowerW: [0.1, 20],
  packHours: [0.5, 24],
  startUpMinutes: [0, 120],
  levelW: [0.1, 60],
  levels: [1, 3],
  batteryWh: [0.5, 300],
  spans: [0, 12],
  /** A pack may be opened before one leaves. */
  openedMinute: [-240, 2880],
} as const satisfies Record<string, Range>;
