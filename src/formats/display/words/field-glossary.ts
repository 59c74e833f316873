import * as m from "@/messages";
import type { GlossaryEntry } from "./glossary";

/** What fields of the sheet's editors mean; apart from the other words, so that they are fetched with the editors. */
export const FIELD_GLOSSARY = {
  whenOff: {
    term: m.whenOffItIs,
    means: m.whereThePieceIsWhileIt,
  },
  side: { term: m.side, means: m.bothOrOneAloneAGlove },
  layers: {
    term: m.amongTheLayers,
    means: m.whatLiesUnderAndOverThe,
  },
  phaseKind: {
    term: m.kindOfPhase,
    means: m.whatIsDoneTheWalkIn,
  },
  posture: {
    term: m.posture,
    means: m.sittingPressesClothesAgainstTheSeat,
  },
  effort: {
    term: m.effort,
    means: m.howHardThePhaseIsAs,
  },
  windAtTen: {
    term: m.windAt10M,
    means: m.asForecastsGiveItTenMetres,
  },
  cloud: {
    term: m.cloud,
    means: m.shareOfTheSkyThatIs,
  },
  precipitation: {
    term: m.rainOrSnowAsWater,
    means: m.depthOfWaterThatFallsIn,
  },
  shelter: {
    term: m.shelter,
    means: m.howMuchOfTheWindIs,
  },
  ground: {
    term: m.feetStandOn,
    means: m.whatTheSolesGiveTheirHeat,
  },
  seat: {
    term: m.youSitOn,
    means: m.whatIsUnderYouBesidesThe,
  },
  seatHeight: {
    term: m.heightOfTheSeat,
    means: m.aboveTheGroundAroundWindGrows,
  },
  sinking: {
    term: m.bootsSinkIntoSnow,
    means: m.howDeepAtEachStepWithout,
  },
  terrain: {
    term: m.groundWalkedOn,
    means: m.whatTheWalkInGoesOver,
  },
  refuge: {
    term: m.warmthNearBy,
    means: m.whereOneCanGoWhenIt,
  },
  bootsFrom: {
    term: m.bootsAndGlovesComeFrom,
    means: m.whereTheyStoodBeforeFromA,
  },
} as const satisfies Record<string, GlossaryEntry>;

export type FieldGlossaryKey = keyof typeof FIELD_GLOSSARY;
