import type { BodyPerson } from "../body";
import type { Effort, Terrain } from "../effort";
import type { Range } from "../errors";
import type { AcceptedLevels } from "../limits";
import type { Feels } from "./feels";
import type { Learnt } from "./learnt";
import type { LeakPoint, Patch, Side } from "../patches";
import type { IndoorStart, SitterPosture } from "../sitter";
import type { Ground, Seat, Shelter, WeatherHour } from "../weather";
import type { WettingKind } from "../water";
import type { HeatSpan } from "../heat";
import type { Piece } from "../pieces";
import { DEXTERITY, NOISE } from "../pieces";

/** Changes when a figure may change; stored beside every verdict. */
export const MODEL_VERSION = "13";

/** A warm-up is a break in a hut or vehicle: it ends a sit, a break outdoors does not. */
export const PHASE_KINDS = ["walkIn", "setUp", "sit", "task", "break", "warmUp", "walkOut"] as const;
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

/** Which hands a task asks for. */
export const TASK_HANDS = ["none", "working", "both"] as const;
export type TaskHands = (typeof TASK_HANDS)[number];

/** What a person does and how. */
export type Doing = {
  readonly posture: SitterPosture;
  /** Heat production over basal (PAR). */
  readonly activityRatio: number;
  readonly walkSpeedMPerS: number;
  /** By class, walk or ride; stands in for ratio and speed. */
  readonly effort?: Effort | undefined;
  /** Effort above rest, over what is said or computed. */
  readonly effortFactor?: number | undefined;
  /** Whole heat made, over what is said or computed; never under basal heat. */
  readonly heatFactor?: number | undefined;
  /** The back lies against something. */
  readonly leaning?: boolean | undefined;
  /** Hands that work and what they have to be able to do: handwear that cannot is off meanwhile. */
  readonly hands?: TaskHands | undefined;
  readonly dexterityNeeded?: number | undefined;
  /** Water it brings. */
  readonly wetBy?: readonly WettingKind[] | undefined;
};

/** What is bared, by what it is bared for. */
export const BARINGS = {
  toilet: ["belly", "lowerBack", "seat", "thigh", "thighOnSeat"],
} as const satisfies Record<string, readonly Patch[]>;
export type Baring = keyof typeof BARINGS;

/** What comes once or again and again within a phase: a task with the hands, a walk to get warm. */
export type Recurring = Doing & {
  readonly kind: "task" | "break";
  readonly minutes: number;
  /** From the start of the phase. */
  readonly firstAfterMinutes: number;
  /** `null` once. */
  readonly everyMinutes: number | null;
  /** Parts of the body bared meanwhile: a toilet stop opens several layers at once. */
  readonly bares?: Baring | undefined;
};

/** A stretch of an outing in which a person does one thing, and what comes in between. */
export type Phase = Doing & {
  readonly kind: PhaseKind;
  readonly minutes: number;
  readonly recurring?: readonly Recurring[] | undefined;
  readonly spot?: SpotSurroundings | undefined;
};

/** Where a piece is while it is not worn. */
export const WHEN_OFF = ["pack", "vehicle", "hung", "home"] as const;
export type WhenOff = (typeof WHEN_OFF)[number];

export const WEARING_SIDES = ["left", "right", "both"] as const;
export type WearingSide = (typeof WEARING_SIDES)[number];

/** A piece worn on a span of the outing, minutes from its start. */
export type Wearing = {
  readonly pieceId: string;
  readonly side: WearingSide;
  /** Order of layers from the skin out; of one rank what goes on later lies outside. */
  readonly rank: number;
  readonly fromMinute: number;
  readonly toMinute: number;
  /** Closures opened by hand: collar, cuffs, hem. */
  readonly opened?: readonly LeakPoint[] | undefined;
  /** Parts taken out, off or folded back: lining, hood, cap of a mitt. */
  readonly withoutParts?: readonly string[] | undefined;
  /** Where it is while it is not worn; in the pack when not said. What hangs dries. */
  readonly whenOff?: WhenOff | undefined;
  /** When a piece that brings heat runs; not said: a pack is opened as it is put on, all else is off. */
  readonly heat?: readonly HeatSpan[] | null | undefined;
};

/** Who sits. */
export type OutingPerson = {
  readonly body: BodyPerson;
  readonly accepted: AcceptedLevels;
  /** Hand that draws, focuses, ties. */
  readonly workingHand?: Side | undefined;
  /** Cold hands or feet often, or a condition of the circulation: blood to the digits is known less well. */
  readonly coldHands?: boolean | undefined;
  /** Colder or warmer than others dressed alike, by their own word. */
  readonly feels?: Feels | undefined;
  /** They go by the standard: heat debt ends a sit. */
  readonly heatDebtEnds?: boolean | undefined;
  /** What a measurement said of this person, over the model's. */
  readonly calibration?: { readonly basalHeatFactor: number; readonly digitFlowFactor: number } | undefined;
  /** What notes after sits taught of this person and their clothes. */
  readonly learnt?: Learnt | undefined;
};

export type OutingPlace = {
  readonly shelter: Shelter;
  readonly seatHeightM: number;
  readonly ground: Ground;
  /** What one sits on; what feet stand on when not said. */
  readonly seat?: Seat | undefined;
  /** Where on earth, for the sun. */
  readonly latitudeDeg?: number | undefined;
  readonly longitudeDeg?: number | undefined;
  /** Snow lies about, whatever one stands on. */
  readonly snowCover?: boolean | undefined;
  readonly iceThicknessM?: number | undefined;
  readonly snowOnIceCm?: number | undefined;
};

/** The way from where one is dropped to the seat. */
export type WalkIn = {
  readonly distanceM: number;
  /** Up from start to seat; negative down. */
  readonly climbM: number;
  readonly loadKg: number;
  readonly terrain: Terrain;
  readonly snowSinkingCm: number;
  readonly snowshoes: boolean;
};
export const REFUGES = ["none", "vehicle", "hut"] as const;
/** Where boots and gloves stood before one steps out. */
export const STORED_FROM = ["house", "coldCar"] as const;
export const COVERAGES = ["unknown", "none", "weak", "good"] as const;

/** A place as an outing finds it: what is computed with, and what a person has to know. */
export type PlaceSetting = OutingPlace & {
  readonly walkIn?: WalkIn | undefined;
  /** Where it is warm, and how long a walk away. */
  readonly refuge?: { readonly kind: (typeof REFUGES)[number]; readonly minutesAway: number } | undefined;
  /** Nothing said: the house. */
  readonly storedFrom?: (typeof STORED_FROM)[number] | undefined;
  /** Of a telephone. */
  readonly coverage?: (typeof COVERAGES)[number] | undefined;
};

/** Water in a piece, g/m² of skin: on each segment of the body and over the mouth (`CELLS_PER_PIECE`). */
export type PieceWater = { readonly pieceId: string; readonly gPerM2: readonly number[] };

/** Everything one figure follows from. */
export type Outing = {
  readonly person: OutingPerson;
  readonly place: OutingPlace;
  readonly start: IndoorStart;
  /** Start, ms since 1970 UTC, for the sun; without it the sun does not shine. */
  readonly startsAtMs?: number | undefined;
  readonly weather: readonly WeatherHour[];
  readonly phases: readonly Phase[];
  readonly pieces: readonly Piece[];
  readonly wearings: readonly Wearing[];
  /** Boots and gloves as one steps out, °C: of the house, or cold-soaked in the car. The room's when not said. */
  readonly storedStartC?: number | undefined;
  /** Pieces that are wet from the start, and the share of their own mass of water in them; asked by benches. */
  readonly wetFromStart?: { readonly pieceIds: readonly string[]; readonly share: number } | undefined;
  /** Water that is in pieces as one steps out: what a night did not dry. */
  readonly waterAtStart?: readonly PieceWater[] | undefined;
  /** Minute at which the person falls into the water and gets out again; asked, never planned. */
  readonly fallsInAtMinute?: number | undefined;
};

/** How much an outing may hold. */
export const OUTING_RANGE = {
  phaseMinutes: [1, 1440],
  /** Bytes of a photo of a piece: the shortest JPEG there can be, and what a telephone's picture is drawn down to. */
  photoBytes: [4, 400_000],
  phases: [1, 60],
  totalMinutes: [1, 2880],
  weatherHours: [1, 400],
  pieces: [0, 200],
  wearings: [0, 400],
  rank: [0, 99],
  recurring: [0, 8],
  recurringMinutes: [1, 240],
  everyMinutes: [2, 720],
  firstAfterMinutes: [0, 1440],
  dexterity: [0, DEXTERITY.length - 1],
  pieceScale: [0, NOISE.length - 1],
  pieceMassG: [1, 20_000],
  printedTemperatureC: [-100, 20],
  shaftHeightCm: [5, 110],
  changeMinutes: [0, 30],
  latitudeDeg: [-90, 90],
  longitudeDeg: [-180, 180],
  calibrationFactor: [0.3, 3],
  cloudShare: [0, 1],
  precipitationMm: [0, 60],
  volumeL: [0.01, 60],
  priceMinor: [0, 100_000_000],
  walkDistanceM: [50, 60_000],
  walkClimbM: [-2000, 2500],
  refugeMinutes: [0, 600],
} as const satisfies Record<string, Range>;
