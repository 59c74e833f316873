import type { OutingRows } from "@/db";
import type { PersonContent } from "@/formats/wire/people/person-view";
import { readAccepted } from "../stored/stored";

/** What is told of a person, of their row. */
export const personContentOf = (row: OutingRows["person"]): PersonContent => ({
  name: row.name,
  heightM: row.heightM,
  massKg: row.massKg,
  fatPercent: row.fatPercent,
  ageYears: row.ageYears,
  sex: row.sex,
  accepted: readAccepted(row.accepted, row),
  workingHand: row.workingHand,
  coldHands: row.coldHands,
  feels: row.feels,
  wearsGlasses: row.wearsGlasses,
  usesNotes: row.usesNotes,
});
