import type { EffortClass, Terrain } from "@/core/effort";
import type { COVERAGES, REFUGES, STORED_FROM } from "@/core/outing";
import type { Ground, Seat, Shelter } from "@/core/weather";

export const SHELTER_WORDS: Readonly<Record<Shelter, string>> = {
  openIce: "open ice or bare fell, none at all",
  shore: "shore or headland, little",
  edgeOfWood: "edge of a wood",
  insideWood: "inside a wood",
  hide: "in a hide or tent",
};

export const GROUND_WORDS: Readonly<Record<Ground, string>> = {
  metal: "metal platform",
  ice: "ice",
  snow: "snow",
  wood: "wood",
  dryGround: "dry ground",
  rock: "rock",
  water: "water, in waders",
};

export const SEAT_WORDS: Readonly<Record<Seat, string>> = {
  bucket: "a bucket",
  stool: "a cloth stool",
  log: "a log or wooden bench",
  padOnStand: "a foam pad on a stand",
  metal: "bare metal",
  ice: "ice",
  snow: "snow",
  rock: "rock",
  dryGround: "dry ground",
};

export const TERRAIN_WORDS: Readonly<Record<Terrain, string>> = {
  road: "road",
  dirt: "path or dirt",
  lightBrush: "light brush",
  heavyBrush: "heavy brush",
  swamp: "bog",
};

export const REFUGE_WORDS: Readonly<Record<(typeof REFUGES)[number], string>> = {
  none: "none",
  vehicle: "a vehicle",
  hut: "a hut",
};

export const COVERAGE_WORDS: Readonly<Record<(typeof COVERAGES)[number], string>> = {
  unknown: "not known",
  none: "none",
  weak: "weak, here and there",
  good: "good",
};

export const EFFORT_WORDS: Readonly<Record<EffortClass, string>> = {
  lyingStill: "lying still",
  dozing: "dozing on the seat",
  sittingStill: "sitting still, awake",
  fidgeting: "sitting, fidgeting",
  standingStill: "standing still",
  kneelingStill: "kneeling still",
  lightHandling: "handling gear lightly",
  stretching: "stretching, moving a little",
  settingUp: "setting up",
  drilling: "drilling by hand",
  shovelling: "shovelling snow",
};

export const STORED_FROM_WORDS: Readonly<Record<(typeof STORED_FROM)[number], string>> = {
  house: "the warm house",
  coldCar: "a car as cold as the morning",
};
