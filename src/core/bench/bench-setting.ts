import { MINUTES_PER_HOUR } from "../units";
import type { Range } from "../errors";
import type { Outing, OutingPerson, Wearing } from "../outing";
import type { Piece } from "../pieces";
import { USUAL_START, type SitterPosture } from "../sitter";
import { windShareAtSeat, type Ground } from "../weather";

/** Where pieces are compared: one steady sit, straight from indoors. */
export type BenchSetting = {
  readonly person: OutingPerson;
  /** What else is worn, with the order of its layers. */
  readonly dress: { readonly pieces: readonly Piece[]; readonly wearings: readonly Wearing[] };
  readonly airTemperatureC: number;
  readonly windAtSeatMPerS: number;
  readonly ground: Ground;
  readonly posture: SitterPosture;
  readonly hours: number;
  /** Water in what is tried, as a share of its own mass; nothing given: dry. */
  readonly wetShare?: number | undefined;
};

export const BENCH_RANGE = {
  airTemperatureC: [-45, 15],
  windAtSeatMPerS: [0, 15],
  hours: [0.5, 12],
  wetShare: [0, 1],
} as const satisfies Record<string, Range>;

/** Humidity of winter air where nothing is said of it (assumption). */
const USUAL_HUMIDITY_PERCENT = 80;
/** Still, with a little handling: ISO 8996 resting (assumption of the effort class). */
const STILL_ACTIVITY_RATIO = 1.2;
const SHELTER = "openIce"; // the wind is given at the seat, so nothing shelters from it

/** A setting as an outing of one sit in which a person wears these pieces besides, from the skin out. */
export function benchOuting(setting: BenchSetting, tried: readonly Piece[]): Outing {
  const { person, dress, airTemperatureC, windAtSeatMPerS, ground, posture, hours } = setting;
  const minutes = Math.round(hours * MINUTES_PER_HOUR);
  const windMPerS = windAtSeatMPerS / windShareAtSeat(SHELTER, 0);
  const worn = { side: "both", fromMinute: 0, toMinute: minutes } as const;
  return {
    person,
    place: { shelter: SHELTER, seatHeightM: 0, ground },
    start: USUAL_START,
    weather: [
      {
        minute: 0,
        airTemperatureC,
        windMPerS,
        relativeHumidityPercent: USUAL_HUMIDITY_PERCENT,
        radiantTemperatureC: null,
      },
    ],
    phases: [{ kind: "sit", minutes, posture, activityRatio: STILL_ACTIVITY_RATIO, walkSpeedMPerS: 0 }],
    wetFromStart: { pieceIds: tried.map((_, index) => `tried ${index}`), share: setting.wetShare ?? 0 },
    pieces: [...dress.pieces, ...tried.map((piece, index) => ({ ...piece, id: `tried ${index}` }))],
    wearings: [
      ...dress.wearings.map((wearing) => ({ ...wearing, ...worn, side: wearing.side })),
      ...tried.map((_, rank) => ({ ...worn, pieceId: `tried ${rank}`, rank })),
    ],
  };
}
