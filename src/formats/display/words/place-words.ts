import * as m from "@/messages";
import type { EffortClass, Terrain } from "@/core/effort";
import type { COVERAGES, REFUGES, STORED_FROM } from "@/core/outing";
import type { Ground, Seat, Shelter } from "@/core/weather";

export const SHELTER_WORDS: Readonly<Record<Shelter, string>> = {
  openIce: m.openIceOrBareFellNone,
  shore: m.shoreOrHeadlandLittle,
  edgeOfWood: m.edgeOfAWood,
  insideWood: m.insideAWood,
  hide: m.inAHideOrTent,
};

export const GROUND_WORDS: Readonly<Record<Ground, string>> = {
  metal: m.metalPlatform,
  ice: m.ice,
  snow: m.snow,
  wood: m.wood,
  dryGround: m.dryGround,
  rock: m.rock,
  water: m.waterInWaders,
};

export const SEAT_WORDS: Readonly<Record<Seat, string>> = {
  bucket: m.aBucket,
  stool: m.aClothStool,
  log: m.aLogOrWoodenBench,
  padOnStand: m.aFoamPadOnAStand,
  metal: m.bareMetal,
  ice: m.ice,
  snow: m.snow,
  rock: m.rock,
  dryGround: m.dryGround,
};

export const TERRAIN_WORDS: Readonly<Record<Terrain, string>> = {
  road: m.road,
  dirt: m.pathOrDirt,
  lightBrush: m.lightBrush,
  heavyBrush: m.heavyBrush,
  swamp: m.bog,
};

export const REFUGE_WORDS: Readonly<Record<(typeof REFUGES)[number], string>> = {
  none: m.none,
  vehicle: m.aVehicle,
  hut: m.aHut,
};

export const COVERAGE_WORDS: Readonly<Record<(typeof COVERAGES)[number], string>> = {
  unknown: m.notKnown,
  none: m.none,
  weak: m.weakHereAndThere,
  good: m.good,
};

export const EFFORT_WORDS: Readonly<Record<EffortClass, string>> = {
  lyingStill: m.lyingStill,
  dozing: m.dozingOnTheSeat,
  sittingStill: m.sittingStillAwake,
  fidgeting: m.sittingFidgeting,
  standingStill: m.standingStill,
  kneelingStill: m.kneelingStill,
  lightHandling: m.handlingGearLightly,
  stretching: m.stretchingMovingALittle,
  settingUp: m.settingUp,
  drilling: m.drillingByHand,
  shovelling: m.shovellingSnow,
};

export const STORED_FROM_WORDS: Readonly<Record<(typeof STORED_FROM)[number], string>> = {
  house: m.theWarmHouse,
  coldCar: m.aCarAsColdAsThe,
};
