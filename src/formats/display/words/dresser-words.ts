import * as m from "@/messages";
import { PICKS, type DressedOutfit, type LeftAtHome, type OtherWay, type Pick, type Relaxation } from "@/core/dresser";
import type { MinutesBound } from "@/core/range";
import { durationText } from "../time";
import { quantityText } from "../quantities";
import { PRACTICE_WORDS } from "./change-words";
import { endsItWords, limitWords } from "./limit-words";

export const PICK_WORDS: Readonly<Record<Pick, string>> = {
  lightestThatDoes: m.pickLightest,
  warmest: m.pickWarmest,
  quietest: m.pickQuietest,
  animalFree: m.pickAnimalFree,
};

/** What an outfit is called: by why it is shown, else by its turn. */
export function outfitName({ picks }: { readonly picks: readonly Pick[] }, turn: number): string {
  const named = PICKS.filter((pick) => picks.includes(pick)).map((pick) => PICK_WORDS[pick]);
  const words = named.length > 0 ? named.join(", ") : m.outfitNumber({ number: turn + 1 });
  return words.charAt(0).toLocaleUpperCase() + words.slice(1);
}

export const boundText = ({ kind, minutes }: MinutesBound): string =>
  kind === "longerThan" ? m.lastsLonger({ duration: durationText(minutes) }) : durationText(minutes);

export const lastsText = ({ verdict, minutesStill }: DressedOutfit): string =>
  boundText({ kind: verdict.kind === "longerThan" ? "longerThan" : "minutes", minutes: minutesStill });

/** What ends an outfit and what comes next, in sentences. */
export function endsSentences({ verdict }: DressedOutfit): string[] {
  if (verdict.kind === "longerThan") return [m.nothingEndsOutfit];
  const { crossing, runnerUp } = verdict;
  const ends = m.endsOutfit({
    ends: capital(endsItWords(crossing.limit, crossing.place)),
    duration: durationText(crossing.minute),
  });
  if (!runnerUp) return [ends];
  return [
    ends,
    m.nextOfOutfit({ limit: limitWords(runnerUp.limit, runnerUp.place), duration: durationText(runnerUp.minute) }),
  ];
}

const capital = (words: string): string => words.charAt(0).toLocaleUpperCase() + words.slice(1);

function worthWords(addedMinutes: number): string {
  if (addedMinutes === 0) return m.leftAddsNothing;
  return addedMinutes > 0 ? m.leftAdds({ minutes: addedMinutes }) : m.leftCosts({ minutes: -addedMinutes });
}

function weightWords(addedG: number): string[] {
  const mass = quantityText("smallMass", Math.abs(addedG));
  return addedG === 0 ? [] : [addedG > 0 ? m.leftHeavier({ mass }) : m.leftLighter({ mass })];
}

/** Why a piece stays at home, in a line. */
export function leftWords({ addedMinutes, addedG, insteadOf }: LeftAtHome, nameOf: (id: string) => string): string {
  if (addedMinutes === null) return m.leftDoesNotFit;
  const instead = insteadOf.length === 0 ? [] : [m.leftInsteadOf({ names: insteadOf.map(nameOf).join(", ") })];
  return [worthWords(addedMinutes), ...weightWords(addedG), ...instead].join(", ");
}

/** What another practice would make of an outfit: "on from the start (Down parka): costs 24 minutes". */
export function otherWayWords(
  { way, pieceIds, addedMinutes, isAtLeast, addedG }: OtherWay,
  nameOf: (id: string) => string,
): string {
  const names = pieceIds.length === 1 ? ` (${nameOf(pieceIds[0]!)})` : "";
  const worth = isAtLeast ? m.leftAddsAtLeast({ minutes: addedMinutes }) : worthWords(addedMinutes);
  return [`${PRACTICE_WORDS[way]}${names}: ${worth}`, ...weightWords(addedG)].join(", ");
}

export function relaxationWords({ kind, pieceName }: Relaxation): string {
  switch (kind) {
    case "lessTime":
      return m.relaxLessTime;
    case "walk":
      return m.relaxWalk;
    case "outOfWind":
      return m.relaxOutOfWind;
    case "generic":
      return m.relaxGeneric({ piece: pieceName ?? "" });
  }
}
