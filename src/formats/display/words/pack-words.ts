import * as m from "@/messages";
import type { Missing, PackGroup, PackLine, Thing } from "@/core/evening";

export const PACK_GROUP_WORDS: Readonly<Record<PackGroup, string>> = {
  worn: m.wornFromTheStart,
  carried: m.inThePack,
  vehicle: m.leftAtTheVehicle,
  spare: m.spareDrySetInAWaterproof,
  heat: m.heatAndBatteries,
  faceAndEyes: m.faceAndEyes,
  emergency: m.emergency,
  food: m.foodAndDrink,
  tools: m.toolsOfTheTrade,
};

const THING_WORDS: Readonly<Record<Thing, string>> = {
  headlamp: m.headlampWithARedLight,
  spareLamp: m.secondLampOrSpareBatteriesFor,
  telephone: m.telephoneChargedAndKeptWarmAgainst,
  messenger: m.satelliteMessengerOrTwoHandRadios,
  firstAid: m.firstAidKit,
  whistle: m.whistle,
  mapAndCompass: m.mapAndCompass,
  survivalBag: m.survivalBagOrBlanketShelterIs,
  lighter: m.lighterAndSomethingThatBurns,
  iceClaws: m.iceClawsWornRoundTheNeck,
  throwLine: m.throwLine,
  flask: m.flaskWithSomethingHotWithoutCaffeine,
  food: m.foodThatCanBeEatenFrozen,
  water: m.waterUpsideDownOrInsideThe,
  sunglasses: m.sunglassesSunOnSnow,
  sunCream: m.sunCreamSunOnSnow,
  lipBalm: m.lipBalm,
  fogCloth: m.dryClothForLensesAndEyepieces,
  watch: m.watchAPhoneNeedsBareFingers,
  spareBatteries: m.spareBatteriesForDevicesTwoBetter,
  traction: m.studsOrCoilsUnderTheSoles,
  snowshoes: m.snowshoes,
  harness: m.harnessWithItsLineTheSeat,
  waterproofPouch: m.waterproofPouchForTheDrySet,
};

const MISSING_WORDS: Readonly<Record<Missing, string>> = {
  drySetTop: m.aDryBaseTopTheKit,
  drySetLegs: m.dryLongUnderwearTheKitHas,
  drySetSocks: m.drySocksTheKitHasNone,
  faceCover: m.aFaceCoverNothingWornCovers,
  seatPad: m.aPadToSitOn,
};

/** A line in words. */
export function packLineWords({ what }: PackLine): string {
  if (what.kind === "piece") return what.piece.name;
  if (what.kind === "thing") return THING_WORDS[what.thing];
  return what.kind === "extra" ? what.words : MISSING_WORDS[what.missing];
}
