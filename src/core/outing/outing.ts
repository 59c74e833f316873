import type { BodyPerson } from "../body";
import type { Range } from "../errors";
import type { Label } from "../labels";
import type { AcceptedLevels } from "../limits";
import type { IndoorStart, SitterPosture } from "../sitter";
import type { Ground, Shelter, WeatherHour } from "../weather";

/** Changes when a figure may change; stored beside every verdict. */
export const MODEL_VERSION = "1";

export const PHASE_KINDS = ["walkIn", "setUp", "sit", "task", "break", "walkOut"] as const;
export type PhaseKind = (typeof PHASE_KINDS)[number];

/** Surroundings measured on the spot; each stands in for what weather and place would give. */
export type SpotSurroundings = {
  readonly airTemperatureC?: number | undefined;
  readonly radiantTemperatureC?: number | undefined;
  readonly relativeHumidityPercent?: number | undefined;
  /** Air moving past the body, walking included, m/s. */
  readonly relativeWindMPerS?: number | undefined;
  readonly groundTemperatureC?: number | undefined;
  /** Resistance of the ground itself, m²·K/W. */
  readonly groundInsulationM2KPerW?: number | undefined;
};

/** A stretch of an outing in which a person does one thing. */
export type Phase = {
  readonly kind: PhaseKind;
  readonly minutes: number;
  readonly posture: SitterPosture;
  /** Heat production over basal (PAR). */
  readonly activityRatio: number;
  readonly walkSpeedMPerS: number;
  readonly spot?: SpotSurroundings | undefined;
};

export const PIECE_KINDS = [
  "garment",
  "footwear",
  "sock",
  "liner",
  "footbed",
  "handwear",
  "headwear",
  "neckwear",
  "pad",
] as const;
export type PieceKind = (typeof PIECE_KINDS)[number];

/** One thing that insulates. */
export type Piece = {
  readonly id: string;
  readonly name: string;
  readonly kind: PieceKind;
  readonly label: Label;
  /** Handwear in which the fingers lie together. */
  readonly fingersTogether: boolean;
};

export const WEARING_SIDES = ["left", "right", "both"] as const;
export type WearingSide = (typeof WEARING_SIDES)[number];

/** A piece worn on a span of the outing, minutes from its start. */
export type Wearing = {
  readonly pieceId: string;
  readonly side: WearingSide;
  /** Order of layers from the skin out. */
  readonly rank: number;
  readonly fromMinute: number;
  readonly toMinute: number;
};

/** Who sits. */
export type OutingPerson = { readonly body: BodyPerson; readonly accepted: AcceptedLevels };

export type OutingPlace = { readonly shelter: Shelter; readonly seatHeightM: number; readonly ground: Ground };

/** Everything one figure follows from. */
export type Outing = {
  readonly person: OutingPerson;
  readonly place: OutingPlace;
  readonly start: IndoorStart;
  readonly weather: readonly WeatherHour[];
  readonly phases: readonly Phase[];
  readonly pieces: readonly Piece[];
  readonly wearings: readonly Wearing[];
};

/** How much an outing may hold. */
export const OUTING_RANGE = {
  phaseMinutes: [1, 1440],
  phases: [1, 60],
  totalMinutes: [1, 2880],
  weatherHours: [1, 400],
  pieces: [0, 200],
  wearings: [0, 400],
  rank: [0, 99],
} as const satisfies Record<string, Range>;
