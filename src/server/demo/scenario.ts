import { levelEverywhere } from "@/core/limits";
import type { Phase, PlaceSetting, WearingSide } from "@/core/outing";
import type { BodyPerson } from "@/core/body";
import type { InventedDay } from "./invented-weather";
import { USUAL_NIGHT, type TripNight } from "@/core/trip";
import type { StarterPieceKey } from "@/core/starter-kit";

// Invented people, places and days. Nothing here is a measurement.

export type DemoPerson = { readonly name: string; readonly body: BodyPerson; readonly kit: readonly StarterPieceKey[] };
export type DemoPlace = { readonly name: string; readonly timeZone: string; readonly setting: PlaceSetting };
/** Piece, order from the skin out, and when it is on; `null` is the end of the outing. */
export type DemoWearing = readonly [
  piece: StarterPieceKey,
  rank: number,
  from: number,
  to: number | null,
  side?: WearingSide,
];
export type DemoOuting = {
  readonly name: string;
  readonly person: keyof typeof DEMO_PEOPLE;
  readonly place: keyof typeof DEMO_PLACES;
  readonly startsAt: string;
  readonly weather: InventedDay;
  readonly phases: readonly Pick<
    Phase,
    "kind" | "minutes" | "posture" | "activityRatio" | "walkSpeedMPerS" | "wetBy"
  >[];
  readonly wearings: readonly DemoWearing[];
};

export const DEMO_ACCEPTED = levelEverywhere("cold");

export const DEMO_PEOPLE = {
  runa: {
    name: "Runa",
    body: { heightM: 1.7, massKg: 66, fatPercent: 27, ageYears: 38, sex: "female" },
    kit: [
      "thinCap",
      "longHat",
      "balaclava",
      "faceMask",
      "windHood",
      "woolTube",
      "base200Top",
      "base350Top",
      "fleeceJacket",
      "downVest",
      "synthParka",
      "downParka",
      "shellJacket",
      "softShell",
      "base200Legs",
      "base350Legs",
      "fleeceTights",
      "walkTrousers",
      "bib",
      "shellTrousers",
      "linerSock",
      "heavySock",
      "midBoot",
      "heavyBoot",
      "pacBoot",
      "feltFootbed",
      "thinGloves",
      "midGloves",
      "mitts200",
      "mitts300",
      "seatPad",
      "sheepskin",
      "footPad",
      "toePacks",
      "handPacks",
      "heatedVest",
    ],
  },
  eskil: {
    name: "Eskil",
    body: { heightM: 1.84, massKg: 88, fatPercent: 21, ageYears: 52, sex: "male" },
    kit: [
      "longHat",
      "balaclava",
      "faceMask",
      "windHood",
      "woolTube",
      "base350Top",
      "feltShirt",
      "downVest",
      "iceSuit",
      "base350Legs",
      "fleeceTights",
      "linerSock",
      "heavySock",
      "kneeBoot",
      "pacBoot",
      "feltFootbed",
      "thinGloves",
      "midGloves",
      "mitts200",
      "mitts300",
      "seatPad",
      "footPad",
      "toePacks",
      "pocketWarmers",
    ],
  },
} as const satisfies Record<string, DemoPerson>;

export const DEMO_PLACES = {
  svartmyra: {
    name: "Svartmyra, lek hide",
    timeZone: "Europe/Oslo",
    setting: {
      shelter: "hide",
      seatHeightM: 0,
      ground: "snow",
      snowCover: true,
      latitudeDeg: 62,
      longitudeDeg: 11,
      refuge: { kind: "vehicle", minutesAway: 40 },
      coverage: "weak",
    },
  },
  halla: {
    name: "Tarn Halla",
    timeZone: "Europe/Oslo",
    setting: {
      shelter: "openIce",
      seatHeightM: 0,
      ground: "ice",
      snowCover: true,
      latitudeDeg: 61,
      longitudeDeg: 9,
      refuge: { kind: "hut", minutesAway: 25 },
      coverage: "good",
    },
  },
  lomvi: {
    name: "Lomvi Head",
    timeZone: "Europe/Oslo",
    setting: {
      shelter: "shore",
      seatHeightM: 0,
      ground: "dryGround",
      latitudeDeg: 63,
      longitudeDeg: 8,
      refuge: { kind: "vehicle", minutesAway: 30 },
      coverage: "none",
    },
  },
} as const satisfies Record<string, DemoPlace>;

const WALK_IN = 40;
const SET_UP = 20;
const AT_SEAT = WALK_IN + SET_UP;

const grouseLek: DemoOuting = {
  name: "Grouse lek before dawn",
  person: "runa",
  place: "svartmyra",
  startsAt: "2027-03-27T02:50:00Z",
  weather: {
    seed: 27,
    from: "2027-03-27T02:00:00Z",
    hours: 9,
    lowestC: -12,
    highestC: -2,
    highestAtUtcHour: 14,
    windMPerS: [2, 5],
    relativeHumidityPercent: 82,
    cloudShare: [0.3, 0.8],
  },
  phases: [
    { kind: "walkIn", minutes: WALK_IN, posture: "standing", activityRatio: 4, walkSpeedMPerS: 1 },
    { kind: "setUp", minutes: SET_UP, posture: "standing", activityRatio: 1.9, walkSpeedMPerS: 0 },
    { kind: "sit", minutes: 125, posture: "sitting", activityRatio: 1.3, walkSpeedMPerS: 0 },
    { kind: "task", minutes: 5, posture: "sitting", activityRatio: 1.4, walkSpeedMPerS: 0 },
    { kind: "sit", minutes: 110, posture: "sitting", activityRatio: 1.3, walkSpeedMPerS: 0 },
    { kind: "walkOut", minutes: 40, posture: "standing", activityRatio: 4, walkSpeedMPerS: 1 },
  ],
  wearings: [
    ["thinCap", 10, 0, WALK_IN],
    ["balaclava", 10, WALK_IN, null],
    ["longHat", 20, WALK_IN, 300],
    ["faceMask", 10, 5, 300],
    ["woolTube", 20, 0, null],
    ["base350Top", 10, 0, null],
    ["fleeceJacket", 20, 0, null],
    ["shellJacket", 30, 0, AT_SEAT],
    ["downVest", 30, AT_SEAT, 300],
    ["downParka", 40, AT_SEAT, 300],
    ["base350Legs", 10, 0, null],
    ["walkTrousers", 20, 0, null],
    ["bib", 30, WALK_IN, null],
    ["linerSock", 10, 0, null],
    ["heavySock", 20, 0, null],
    ["heavyBoot", 30, 0, null],
    ["thinGloves", 10, 0, null],
    ["mitts200", 20, 0, AT_SEAT],
    ["mitts300", 20, AT_SEAT, 185],
    ["mitts300", 20, 185, 190, "left"],
    ["mitts300", 20, 190, null],
    ["seatPad", 50, AT_SEAT, 300],
    ["footPad", 50, AT_SEAT, 300],
  ],
};

const charOnIce: DemoOuting = {
  name: "Char through the ice",
  person: "eskil",
  place: "halla",
  startsAt: "2027-02-13T07:30:00Z",
  weather: {
    seed: 13,
    from: "2027-02-13T07:00:00Z",
    hours: 9,
    lowestC: -10,
    highestC: -4,
    highestAtUtcHour: 13,
    windMPerS: [4, 7],
    relativeHumidityPercent: 85,
    cloudShare: [0.9, 0.5],
  },
  phases: [
    { kind: "walkIn", minutes: 25, posture: "standing", activityRatio: 4, walkSpeedMPerS: 1.1 },
    { kind: "setUp", minutes: 20, posture: "standing", activityRatio: 4, walkSpeedMPerS: 0, wetBy: ["overflow"] },
    { kind: "sit", minutes: 90, posture: "sitting", activityRatio: 1.3, walkSpeedMPerS: 0 },
    { kind: "task", minutes: 8, posture: "sitting", activityRatio: 1.6, walkSpeedMPerS: 0, wetBy: ["wetHands"] },
    { kind: "sit", minutes: 82, posture: "sitting", activityRatio: 1.3, walkSpeedMPerS: 0 },
    { kind: "walkOut", minutes: 25, posture: "standing", activityRatio: 4, walkSpeedMPerS: 1.1 },
  ],
  wearings: [
    ["balaclava", 10, 0, null],
    ["longHat", 20, 45, 225],
    ["faceMask", 10, 5, 225],
    ["windHood", 30, 45, 225],
    ["base350Top", 10, 0, null],
    ["feltShirt", 20, 25, null],
    ["downVest", 30, 45, 225],
    ["iceSuit", 40, 0, null],
    ["base350Legs", 10, 0, null],
    ["fleeceTights", 20, 0, null],
    ["linerSock", 10, 0, null],
    ["toePacks", 15, 0, null],
    ["heavySock", 20, 0, null],
    ["feltFootbed", 25, 0, null],
    ["pacBoot", 30, 0, null],
    ["thinGloves", 10, 0, null],
    ["mitts200", 20, 0, 25],
    ["midGloves", 20, 25, 45],
    ["mitts300", 20, 45, 135],
    ["midGloves", 20, 135, 143],
    ["mitts300", 20, 143, 250],
    ["seatPad", 50, 45, 225],
  ],
};

const seaBirdCount: DemoOuting = {
  name: "Sea-bird count",
  person: "runa",
  place: "lomvi",
  startsAt: "2026-11-14T07:00:00Z",
  weather: {
    seed: 14,
    from: "2026-11-14T07:00:00Z",
    hours: 7,
    shower: { fromHour: 2, hours: 1, mm: 1 },
    lowestC: 0,
    highestC: 4,
    highestAtUtcHour: 13,
    windMPerS: [7, 10],
    relativeHumidityPercent: 88,
    cloudShare: [1, 0.9],
  },
  phases: [
    { kind: "walkIn", minutes: 30, posture: "standing", activityRatio: 4.5, walkSpeedMPerS: 1 },
    { kind: "setUp", minutes: 10, posture: "standing", activityRatio: 1.8, walkSpeedMPerS: 0 },
    { kind: "sit", minutes: 60, posture: "sitting", activityRatio: 1.3, walkSpeedMPerS: 0 },
    { kind: "task", minutes: 10, posture: "standing", activityRatio: 1.5, walkSpeedMPerS: 0 },
    { kind: "sit", minutes: 80, posture: "sitting", activityRatio: 1.3, walkSpeedMPerS: 0 },
    { kind: "walkOut", minutes: 30, posture: "standing", activityRatio: 4, walkSpeedMPerS: 1 },
  ],
  wearings: [
    ["thinCap", 10, 0, null],
    ["balaclava", 15, 30, 190],
    ["windHood", 20, 30, 190],
    ["faceMask", 10, 5, 190],
    ["woolTube", 20, 30, 190],
    ["base200Top", 10, 0, null],
    ["fleeceJacket", 20, 10, null],
    ["synthParka", 40, 40, 190],
    ["shellJacket", 50, 0, null],
    ["base200Legs", 10, 0, null],
    ["walkTrousers", 20, 0, null],
    ["bib", 30, 30, null],
    ["heavySock", 20, 0, null],
    ["midBoot", 30, 0, null],
    ["midGloves", 20, 0, 40],
    ["thinGloves", 10, 40, null],
    ["mitts200", 20, 40, 100],
    ["mitts200", 20, 100, 110, "left"],
    ["mitts200", 20, 110, 190],
    ["seatPad", 50, 40, 190],
  ],
};

export const DEMO_OUTINGS: readonly DemoOuting[] = [grouseLek, charOnIce, seaBirdCount];

export type DemoTrip = {
  readonly name: string;
  readonly days: readonly DemoOuting[];
  /** After each day but the last. */
  readonly nights: readonly TripNight[];
};

/** The char again, colder from day to day, from a tent the first night and a heated hut the second. */
export const DEMO_TRIP: DemoTrip = {
  name: "Three days at Tarn Halla",
  days: [
    charOnIce,
    {
      ...charOnIce,
      name: "Tarn Halla, second day",
      startsAt: "2027-02-14T07:30:00Z",
      weather: { ...charOnIce.weather, seed: 14, from: "2027-02-14T07:00:00Z", lowestC: -13, highestC: -7 },
    },
    {
      ...charOnIce,
      name: "Tarn Halla, third day",
      startsAt: "2027-02-15T07:30:00Z",
      weather: { ...charOnIce.weather, seed: 15, from: "2027-02-15T07:00:00Z", lowestC: -16, highestC: -9 },
    },
  ],
  nights: [
    { ...USUAL_NIGHT.tent, how: {} },
    { ...USUAL_NIGHT.heatedHut, how: {} },
  ],
};
