import * as m from "@/messages";
import { quantityText } from "../quantities";
import { PAD_MM } from "@/core/changes";
import type { Avoided, ChangeKind, PracticeQuestion, Practice, Worth } from "@/core/changes";
import { plainNumber } from "../numbers";

type Names = (pieceId: string) => string;

/** What practitioners answer differently. */
export const PRACTICE_QUESTION_WORDS: Readonly<Record<PracticeQuestion, string>> = {
  bigLayer: m.whenTheBigLayerGoesOn,
  socks: m.pairsOfSocks,
  hands: m.whatTheHandsWaitIn,
  shell: m.aWindproofOverTheInsulation,
  hood: m.hoods,
};

export const PRACTICE_WORDS: Readonly<Record<Practice, string>> = {
  fromStart: m.onFromTheStartClosed,
  fromStartOpen: m.onFromTheStartOpenOn,
  seated: m.onAtTheSeat,
  later: m.onAQuarterOfAnHour,
  one: m.onePair,
  two: m.twoPairs,
  allLayers: m.allLayersAtOnce,
  outerAlone: m.theOuterOneAlone,
  innerAlone: m.theInnerOneAlone,
  worn: m.worn,
  leftOff: m.leftOff,
  up: m.up,
  down: m.down,
};

/** What is avoided, as a list says it. */
export const AVOIDED_WORDS: Readonly<Record<Avoided, string>> = {
  animals: m.anythingOfAnimals,
  down: m.downAndFeathers,
};

const WORDS: Readonly<Record<Exclude<ChangeKind, "pair">, (names: readonly string[], id: string) => string>> = {
  wearPiece: ([piece = ""]) => m.wearAsWell({ piece }),
  genericPiece: (_, id) => m.whichIsNotInYourKit({ id: id.replace("generic ", "") }),
  swapPiece: ([fresh = "", worn = ""]) => m.insteadOf({ fresh, worn }),
  seatPad: () => m.aFoamPadOfToSit({ quantity: quantityText("thickness", PAD_MM) }),
  solePad: () => m.aFoamPadOfUnderThe({ quantity: quantityText("thickness", PAD_MM) }),
  kneePad: () => m.aFoamPadOfUnderThe2({ quantity: quantityText("thickness", PAD_MM) }),
  sitDown: () => m.sitInsteadOfStand,
  closeOpening: (_, id) => m.closeThe({ id: id.replace("close ", "") }),
  partBackOn: ([piece = ""]) => m.withAllItsParts({ piece }),
  putOnEarlier: ([piece = ""]) => m.on10MinEarlier({ piece }),
  walkEveryHour: () => m.walk5MinEveryHour,
  heatIn: ([piece = ""]) => m.openedAsYouLeaveOrOn({ piece }),
  heatOn: ([piece = ""]) => m.switchedOnWhileYouSit({ piece }),
  changeOnArrival: ([fresh = "", worn = ""]) => m.changeIntoADryOnArrival({ fresh, worn }),
  practice: (_, id) => PRACTICE_WORDS[id.split(" ")[2] as Practice],
};

const singleWords = ({ kind, pieceIds, id }: Omit<Worth["change"], "parts">, nameOf: Names): string =>
  kind === "pair" ? id : WORDS[kind](pieceIds.map(nameOf), id);

/** A change in words: "Fleece trousers 200 instead of Walking trousers". */
export function changeWords({ parts, ...change }: Worth["change"], nameOf: Names): string {
  const words = (parts ?? [change]).map((part) => singleWords(part, nameOf)).join(m.andPart);
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}

/** "+24 min", "at least +90 min", "−3 min". */
export function gainWords({ gainedMinutes, atLeast }: Worth): string {
  const sign = gainedMinutes > 0 ? "+" : "";
  return m.ofMin({ value: atLeast ? m.atLeast : "", sign, gainedMinutes: plainNumber(gainedMinutes, 0) });
}

/** "+350 g", "carries the same", "mass not known". */
export function addedMassWords({ addedMassG }: Worth["change"]): string {
  if (addedMassG === null) return m.massNotKnown;
  if (addedMassG === 0) return m.noExtraMass;
  return `${addedMassG > 0 ? "+" : ""}${quantityText("smallMass", addedMassG)}`;
}
