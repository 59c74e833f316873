import { quantityText } from "../quantities";
import { PAD_MM } from "@/core/changes";
import type { Avoided, ChangeKind, PracticeQuestion, Practice, Worth } from "@/core/changes";
import { plainNumber } from "../numbers";

type Names = (pieceId: string) => string;

/** What practitioners answer differently. */
export const PRACTICE_QUESTION_WORDS: Readonly<Record<PracticeQuestion, string>> = {
  bigLayer: "When the big layer goes on",
  socks: "Pairs of socks",
  hands: "What the hands wait in",
  shell: "A windproof over the insulation",
  hood: "Hoods",
};

export const PRACTICE_WORDS: Readonly<Record<Practice, string>> = {
  fromStart: "on from the start, closed",
  fromStartOpen: "on from the start, open on the way",
  seated: "on at the seat",
  later: "on a quarter of an hour later, as cooling begins",
  one: "one pair",
  two: "two pairs",
  allLayers: "all layers at once",
  outerAlone: "the outer one alone",
  innerAlone: "the inner one alone",
  worn: "worn",
  leftOff: "left off",
  up: "up",
  down: "down",
};

/** What is avoided, as a list says it. */
export const AVOIDED_WORDS: Readonly<Record<Avoided, string>> = { animals: "anything of animals", down: "down" };

const WORDS: Readonly<Record<Exclude<ChangeKind, "pair">, (names: readonly string[], id: string) => string>> = {
  wearPiece: ([piece]) => `wear ${piece} as well`,
  genericPiece: (_, id) => `${id.replace("generic ", "")}, which is not in your kit`,
  swapPiece: ([fresh, worn]) => `${fresh} instead of ${worn}`,
  seatPad: () => `a foam pad of ${quantityText("thickness", PAD_MM)} to sit on`,
  solePad: () => `a foam pad of ${quantityText("thickness", PAD_MM)} under the feet`,
  kneePad: () => `a foam pad of ${quantityText("thickness", PAD_MM)} under the knees`,
  sitDown: () => "sit instead of stand",
  closeOpening: (_, id) => `close the ${id.replace("close ", "")}`,
  partBackOn: ([piece]) => `${piece} with all its parts`,
  putOnEarlier: ([piece]) => `${piece} on 10 min earlier`,
  walkEveryHour: () => "walk 5 min every hour",
  heatIn: ([piece]) => `${piece}, opened as you leave or on while you sit`,
  heatOn: ([piece]) => `${piece} switched on while you sit`,
  changeOnArrival: ([fresh, worn]) => `change into a dry ${fresh} on arrival, for ${worn}`,
  practice: (_, id) => PRACTICE_WORDS[id.split(" ")[2] as Practice],
};

const singleWords = ({ kind, pieceIds, id }: Omit<Worth["change"], "parts">, nameOf: Names): string =>
  kind === "pair" ? id : WORDS[kind](pieceIds.map(nameOf), id);

/** A change in words: "Fleece trousers 200 instead of Walking trousers". */
export function changeWords({ parts, ...change }: Worth["change"], nameOf: Names): string {
  const words = (parts ?? [change]).map((part) => singleWords(part, nameOf)).join(", and ");
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}

/** "+24 min", "at least +90 min", "−3 min". */
export function gainWords({ gainedMinutes, atLeast }: Worth): string {
  const sign = gainedMinutes > 0 ? "+" : "";
  return `${atLeast ? "at least " : ""}${sign}${plainNumber(gainedMinutes, 0)} min`;
}

/** "+350 g", "carries the same", "mass not known". */
export function addedMassWords({ addedMassG }: Worth["change"]): string {
  if (addedMassG === null) return "mass not known";
  if (addedMassG === 0) return "no extra mass";
  return `${addedMassG > 0 ? "+" : ""}${quantityText("smallMass", addedMassG)}`;
}
