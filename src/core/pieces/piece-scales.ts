import * as m from "@/messages";
// Scales of what a label does not print, a sentence for each step from 0 to 4: what anybody can tell by trying.

/** How loud a piece is when it is moved. */
export const NOISE = [
  m.silentAsWool,
  m.whispersCloseToTheEar,
  m.heardBySomebodyBesideYou,
  m.rustlesOverTenPaces,
  m.cracklesInFrost,
] as const;

/** What water it keeps out. */
export const WATER_RESISTANCE = [
  m.takesUpWaterAtOnce,
  m.shedsAFewDrops,
  m.keepsAShowerOut,
  m.keepsHoursOfRainOutSeams,
  m.watertightSeamsAndAll,
] as const;

/** How stiff it goes in hard frost. */
export const STIFFNESS = [
  m.staysAsItIs,
  m.aLittleFirmer,
  m.foldsWithSomeForce,
  m.standsByItself,
  m.mayCrackWhenFolded,
] as const;

/** How well a sole holds on snow and ice. */
export const TRACTION = [
  m.slipsOnWetGrass,
  m.holdsOnSnowSlipsOnIce,
  m.holdsOnRoughIceWithCare,
  m.holdsOnIceSoftRubberOr,
  m.tractionSpikes,
] as const;

/** How far one walks in a boot. */
export const WALKABILITY = [
  m.aFewSteps,
  m.fromTheVehicleToTheHut,
  m.aKilometreOnATrack,
  m.someHoursOnAPath,
  m.allDayOverStockAndStone,
] as const;

/** How it takes up and keeps smells of fire, fuel and people. */
export const ODOUR = [
  m.takesUpNone,
  m.airedInAnHour,
  m.airedOvernight,
  m.washedToBeRidOfIt,
  m.keepsItWashedOrNot,
] as const;

/** How its zips, straps and buttons are worked in the cold. */
export const CLOSURE_EASE = [
  m.noneToWork,
  m.inThickMitts,
  m.inGloves,
  m.withBareFingers,
  m.hardlyWithColdFingers,
] as const;

/** What one sees to the side and hears under what is worn on the head. */
export const SIDE_VIEW = [
  m.nothingIsTakenFromIt,
  m.aLittleAtTheEdge,
  m.turnedHeadShowsWhatEyesWould,
  m.straightAheadOnly,
] as const;

/** How a boot is closed: what one can do with cold fingers. */
export const CLOSURES = ["pullOn", "laces", "zip", "buckles", "dial"] as const;
export type Closure = (typeof CLOSURES)[number];

/** What fingers can do in a piece of handwear, or a task asks of them, 0 to 4. */
export const DEXTERITY = [
  m.holdAndCarryWithTheFist,
  m.gripAHandleOrARod,
  m.workZipsBucklesAndLargeSwitches,
  m.drawFocusReleaseAShutterTie,
  m.allThatTheBareHandCan,
] as const;
