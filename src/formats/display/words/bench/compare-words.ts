import * as m from "@/messages";
import { quantityText } from "../../quantities";
import { windContest } from "@/core/bench";
import { gramReading } from "@/core/labels";
import type { Piece } from "@/core/pieces";
import type { Patch } from "@/core/patches";
import { windText } from "../../numbers";
import type { WindUnit } from "../../units";
import { PATCH_WORDS } from "../body-words";

/** How two pieces stand to each other on a patch, in a sentence; nothing where one of them does not lie there. */
export function contestWords(one: Piece, other: Piece, patch: Patch, unit: WindUnit): string | null {
  const contest = windContest(one, other, patch);
  if (!contest) return null;
  const where = m.atThe({ patch: PATCH_WORDS[patch] });
  if (contest.kind === "always") {
    const [warm, cool] = contest.warmer === "one" ? [one, other] : [other, one];
    return m.isWarmerThanInStillAir({ name: warm.name, name2: cool.name, where });
  }
  const [warm, cool] = contest.stillWarmer === "one" ? [one, other] : [other, one];
  return m.isWarmerInStillAirBut({
    name: warm.name,
    where,
    name2: cool.name,
    windMPerS: windText(contest.windMPerS, unit, 0),
  });
}

/** The grams a label prints, in words; "–" where it prints none. */
export function printedGrams(piece: Piece): string {
  const reading = gramReading(piece.label);
  return reading ? quantityText("areal", reading.massGPerM2) : "–";
}
