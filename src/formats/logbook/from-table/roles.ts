import { FELT_PARTS, type FeltPart } from "@/core/logbook";
import type { RoleWords } from "../../any-table/heads";

const COLD_AFTER = "ColdAfter";
type ColdAfterRole = `${FeltPart}${typeof COLD_AFTER}`;

/** The column that holds when a part was first cold. */
export const coldAfterRole = (part: FeltPart): ColdAfterRole => `${part}${COLD_AFTER}`;

/** What a column of somebody's table of sits may hold; a part's own name is how it was. */
export const SIT_ROLES = [
  ...FELT_PARTS.map(coldAfterRole),
  ...FELT_PARTS,
  "first",
  "ended",
  "minutes",
  "walk",
  "air",
  "wind",
  "clock",
  "when",
  "place",
  "person",
  "worn",
  "name",
  "words",
] as const;
export type SitRole = (typeof SIT_ROLES)[number];

/** Heads of a part in English and Norwegian, folded, beside those of what is kept. */
const PART_HEADS: Readonly<Record<FeltPart, readonly string[]>> = {
  leftToes: ["left toes", "venstre tær"],
  rightToes: ["right toes", "høyre tær"],
  leftFingers: ["left fingers", "left hand", "venstre fingre", "venstre hand"],
  rightFingers: ["right fingers", "right hand", "høyre fingre", "høyre hand"],
  face: ["face", "ansikt", "gesicht", "nose", "nese"],
  body: ["whole body", "body", "hele kroppen", "kropp"],
};
/** One column for both sides is the left one's: of two sides the colder counts. */
const BOTH_SIDES: Readonly<Partial<Record<FeltPart, readonly string[]>>> = {
  leftToes: ["toes", "feet", "tær", "føtter", "zehen", "fusse"],
  leftFingers: ["fingers", "hands", "fingre", "hender", "finger", "hande"],
};

const headsOf = (part: FeltPart): readonly string[] => [...PART_HEADS[part], ...(BOTH_SIDES[part] ?? [])];
const timedHeadsOf = (part: FeltPart): readonly string[] =>
  headsOf(part).flatMap((head) => [
    `${head}: cold after, min`,
    `${head}: kald etter, min`,
    `${head} cold after`,
    `${head} kald etter`,
  ]);

/** Words of heads in English, Norwegian and German, folded. */
export const SIT_ROLE_WORDS: RoleWords<SitRole> = {
  leftToesColdAfter: timedHeadsOf("leftToes"),
  rightToesColdAfter: timedHeadsOf("rightToes"),
  leftFingersColdAfter: timedHeadsOf("leftFingers"),
  rightFingersColdAfter: timedHeadsOf("rightFingers"),
  faceColdAfter: timedHeadsOf("face"),
  bodyColdAfter: timedHeadsOf("body"),
  leftToes: headsOf("leftToes"),
  rightToes: headsOf("rightToes"),
  leftFingers: headsOf("leftFingers"),
  rightFingers: headsOf("rightFingers"),
  face: headsOf("face"),
  body: headsOf("body"),
  first: ["first cold", "first", "først", "zuerst"],
  ended: ["ended by", "why", "ended", "reason", "slutt", "tok slutt pa grunn av", "grunn", "grund"],
  minutes: [
    "sat, min",
    "sat",
    "satt, min",
    "satt",
    "minutes",
    "min",
    "duration",
    "hours",
    "how long",
    "varighet",
    "minutter",
    "timer",
    "dauer",
    "stunden",
  ],
  walk: ["walk", "walk in", "walked", "ga", "gange", "innmarsj", "anmarsch", "fussweg"],
  air: ["air", "temperature", "temp", "°c", "°f", "luft", "temperatur", "grader"],
  wind: ["wind", "vind"],
  clock: ["time", "clock", "from", "start time", "kl", "klokka", "klokkeslett", "fra", "uhrzeit"],
  when: ["start", "date", "day", "when", "dato", "dag", "datum", "tag"],
  place: ["place", "where", "spot", "sted", "hvor", "ort"],
  person: ["who", "person", "name of person", "hvem", "wer"],
  worn: [
    "worn",
    "clothes",
    "wore",
    "gear",
    "outfit",
    "boots",
    "jacket",
    "brukt",
    "klær",
    "pa meg",
    "støvler",
    "jakke",
    "kleidung",
    "ausrustung",
  ],
  name: ["outing", "trip", "title", "tur", "tittel", "ausflug"],
  words: [
    "anything else",
    "notes",
    "note",
    "comment",
    "comments",
    "remarks",
    "noe annet",
    "notat",
    "merknad",
    "kommentar",
    "notizen",
    "bemerkung",
  ],
};
