import * as m from "@/messages";

/** A word of the trade or of Umiak, with what it means in a sentence or two. */
export type GlossaryEntry = { readonly term: string; readonly means: string };

// Those of the verdict are apart, so that a sheet gets them and not the whole glossary.
export const MINUTES_STILL: GlossaryEntry = { term: m.minutesStill2, means: m.howLongYouCanStaySeated };
export const RANGE: GlossaryEntry = { term: m.range, means: m.whereEightMorningsOfTenWould };
export const LEVELS: GlossaryEntry = { term: m.comfortColdHard, means: m.howMuchOnePutsUpWith };

/** One home of every explanation: the page of words, and the note beside a word where it is used. */
export const GLOSSARY = {
  minutesStill: MINUTES_STILL,
  range: RANGE,
  limit: {
    term: m.limit,
    means: m.whatCanEndASitToes,
  },
  levels: LEVELS,
  runnerUp: { term: m.next, means: m.whatWouldEndTheSitIf },
  heatDebt: {
    term: m.heatDebt,
    means: m.heatTheBodyHasLostAnd,
  },
  iso11079: {
    term: m.iso11079,
    means: m.theInternationalStandardForWorkIn,
  },
  clo: {
    term: m.clo,
    means: m.aUnitOfInsulation1Clo,
  },
  insulation: {
    term: m.insulation2,
    means: m.howMuchTemperatureDifferenceALayer,
  },
  grams: {
    term: "g/m²",
    means: m.weightOfOneSquareMetreOf,
  },
  fillPower: {
    term: m.fillPower,
    means: m.howFarAnOunceOfDown,
  },
  batting: { term: m.batting2, means: m.syntheticFillingSewnInAsA },
  face: {
    term: m.faceOfAPiece,
    means: m.itsOutermostClothOpenKnittedWoven,
  },
  testSheet: {
    term: m.testSheet,
    means: m.aMakersMeasuredInsulationOfThe,
  },
  timesResting: {
    term: m.timesTheRestingHeat,
    means: m.howHardSomethingIsTheBodys,
  },
  kelvin: { term: "K", means: m.kelvinADifferenceOfTemperaturesIn },
  walkIn: {
    term: m.walkIn,
    means: m.theWayFromWhereYouAre,
  },
  setUp: { term: m.setUp, means: m.whatIsDoneAtThePlace },
  sit: { term: m.sit, means: m.theTimeSpentStillItCan },
  regulator: {
    term: m.regulator,
    means: m.whatIsOpenedOrShutOn,
  },
  shelter: {
    term: m.shelter,
    means: m.whatKeepsTheWindOfThe,
  },
  windChill: {
    term: m.windChill,
    means: m.theAirTemperatureInALight,
  },
  arrivesTooCold: {
    term: m.arrivesTooCold,
    means: m.somethingIsBeyondItsLimitAs,
  },
  whatBuysMinutes: {
    term: m.whatBuysMinutes,
    means: m.singleChangesOfClothesSeatOr,
  },
  waterInClothes: {
    term: m.waterInTheClothes,
    means: m.sweatAndSnowThatLayersHold,
  },
} as const satisfies Record<string, GlossaryEntry>;
