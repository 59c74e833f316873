import * as m from "@/messages";
import type { FieldCard } from "../wire/evening/field-card";
import { cardParts } from "./card-parts";

/** Letters a square still holds so coarsely that a telephone reads it off another screen (common practice). */
const MOST_LETTERS = 900;

/** The plan in the few lines a square to scan holds: who, when to turn back, what ends it, the hours as far as they fit. */
export function squareText(card: FieldCard): string {
  const { name, who, stay, turnBack, watchFrom, ends, moments, place, leftWith } = cardParts(card);
  const first = [
    name,
    who,
    ...(stay ? [stay.toUpperCase()] : []),
    m.turnBackTitle({ turnBack, watchFrom: watchFrom ? m.lookAtYourselfFrom({ watchFrom }) : "" }),
    ends,
    ...(place ? [m.place({ place })] : []),
    ...(leftWith ? [leftWith] : []),
  ];
  const lines = [...first];
  for (const moment of moments) {
    if ([...lines, moment].join("\n").length > MOST_LETTERS) break;
    lines.push(moment);
  }
  return lines.join("\n").slice(0, MOST_LETTERS);
}
