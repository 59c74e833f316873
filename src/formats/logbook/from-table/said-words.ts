import { ENDINGS, FELT_PARTS, VOTES, type Ending, type FeltPart, type Vote } from "@/core/logbook";
import { MINUTES_PER_HOUR } from "@/core/units";
import { folded } from "../../any-table/words";

// What people write in cells, in English, Norwegian and German, folded; the words Umiak itself writes are among them.

const VOTE_PATTERNS: Readonly<Record<Vote, RegExp>> = {
  numb: /numb|følelsesløs|nummen|taub|dead/,
  painful: /pain|hurt|ache|vond|smerte|schmerz/,
  cold: /cold|kald|kalt|freez|frys|frier/,
  cool: /cool|chilly|sval|kjølig|kuhl/,
  neutral: /neither|neutral|ok|fine|fresh|verken|greit|passe|weder|gut/,
  warm: /warm|varm|hot/,
};
/** The worst a cell names; nobody writes that toes were both. */
const VOTES_WORST_FIRST = VOTES.toReversed();
const NOT = /\b(not|never|no|ikke|aldri|nicht|nie)\b/;

/** How a part was by a cell; `null` where it says nothing of it. "not cold" is neither warm nor cold. */
export function voteIn(cell: string): Vote | null {
  const said = folded(cell);
  const vote = VOTES_WORST_FIRST.find((own) => VOTE_PATTERNS[own].test(said)) ?? null;
  return vote !== null && NOT.test(said) ? "neutral" : vote;
}

const ENDING_PATTERNS: Readonly<Record<Exclude<Ending, "other">, RegExp>> = {
  cold: /cold|froze|frozen|freez|kulde|kald|frøs|kalt|toes|tær|feet|føtter|fing|hand|hender/,
  weather: /weather|wind|rain|snow|storm|fog|vær|vind|regn|snø|take|wetter|regen|nebel/,
  gameOver: /over|done|finish|dark|light|shot|bag|plan|ferdig|slutt|mørk|lys|skudd|fertig|vorbei|dunkel/,
};

/** Why a sit ended by a cell; something else where it says what we do not know. @returns `null` for an empty one */
export function endingIn(cell: string): Ending | null {
  const said = folded(cell);
  if (said === "") return null;
  const known = ENDINGS.find((own) => own !== "other" && ENDING_PATTERNS[own].test(said));
  return known ?? "other";
}

const PART_PATTERNS: Readonly<Record<FeltPart, RegExp>> = {
  rightToes: /(right|høyre|rechte).*(toe|foot|feet|tær|fot|føt|zehe|fuss)/,
  leftToes: /toe|foot|feet|tær|fot|føt|zehe|fuss/,
  rightFingers: /(right|høyre|rechte).*(fing|hand|hend|hande)/,
  leftFingers: /fing|hand|hend|hande/,
  face: /face|nose|cheek|ear|ansikt|nese|kinn|øre|gesicht|nase/,
  body: /body|all over|trunk|core|kropp|korper|shiver|skalv/,
};
/** A side is looked for before the part alone, which counts as the left one. */
const PARTS_IN_TURN = [...FELT_PARTS].sort(
  (one, other) => Number(other.startsWith("right")) - Number(one.startsWith("right")),
);

/** What got cold first by a cell; `null` where it names no part. */
export function partIn(cell: string): FeltPart | null {
  const said = folded(cell);
  return PARTS_IN_TURN.find((own) => PART_PATTERNS[own].test(said)) ?? null;
}

const HOURS_AND_MINUTES = /^(\d{1,2})\s*(?::|h|t|hours?|timer?|std)\.?\s*(\d{1,2})?\s*(?:m|min\.?|minutes|minutter)?$/;
const FIGURE = /^~?\s*(\d+(?:[.,]\d+)?)\s*(h|t|hours?|timer?|std)?\.?\s*(?:m|min\.?|minutes|minutter)?$/;
/** Nobody sits for less than this many minutes and writes it down, nor for more than so many hours: a small figure is hours. */
const AT_MOST_HOURS = 12;

/**
 * Minutes by a cell: "135", "2:15", "2 h 15", "2.5 h".
 * @param areHours whether figures without a unit are hours, as a head may say
 * @returns `null` where it is none
 */
export function minutesIn(cell: string, areHours: boolean): number | null {
  const said = folded(cell);
  const both = HOURS_AND_MINUTES.exec(said);
  if (both && (both[2] !== undefined || /[ht]/.test(said))) {
    return Number(both[1]) * MINUTES_PER_HOUR + Number(both[2] ?? 0);
  }
  const found = FIGURE.exec(said);
  if (!found) return null;
  const value = Number(found[1]!.replace(",", "."));
  return Math.round(found[2] !== undefined || areHours ? value * MINUTES_PER_HOUR : value);
}

/** Whether a column of figures without a unit is one of hours: its head says so, or all are as small as hours are. */
export const areHours = (head: string, cells: readonly string[]): boolean => {
  if (/\b(h|hours?|timer|stunden|std)\b/.test(folded(head))) return true;
  if (/\bmin/.test(folded(head))) return false;
  const values = cells.flatMap((cell) => {
    const found = FIGURE.exec(folded(cell));
    return found && found[2] === undefined ? [Number(found[1]!.replace(",", "."))] : [];
  });
  return values.length > 0 && values.every((value) => value <= AT_MOST_HOURS);
};
