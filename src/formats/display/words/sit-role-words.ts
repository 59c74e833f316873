import * as m from "@/messages";
import type { SitRole } from "../../logbook/from-table/roles";
import { FELT_PART_WORDS } from "./logbook-words";

const coldAfter = (part: keyof typeof FELT_PART_WORDS): string =>
  m.logbookColumnColdAfter({ part: FELT_PART_WORDS[part] });

/** What a column of a table of sits may hold, in words. */
export const SIT_ROLE_LABELS: Readonly<Record<SitRole, string>> = {
  when: m.day,
  clock: m.sitsClock,
  minutes: m.sitsMinutes,
  air: m.sitsAir,
  wind: m.sitsWind,
  walk: m.sitsWalk,
  worn: m.logbookColumnPieces,
  ended: m.logbookWhyEnded,
  first: m.logbookWhatFirst,
  name: m.logbookColumnOuting,
  place: m.logbookColumnPlace,
  person: m.logbookColumnPerson,
  words: m.logbookWords,
  ...FELT_PART_WORDS,
  leftToesColdAfter: coldAfter("leftToes"),
  rightToesColdAfter: coldAfter("rightToes"),
  leftFingersColdAfter: coldAfter("leftFingers"),
  rightFingersColdAfter: coldAfter("rightFingers"),
  faceColdAfter: coldAfter("face"),
  bodyColdAfter: coldAfter("body"),
};
