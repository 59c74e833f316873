import { fatPercentFromMassIndex } from "@/core/body";
import { usualLevels } from "@/core/outing";
import type { PersonContent } from "@/formats/wire/people/person-view";

const BODY = { heightM: 1.75, massKg: 75, ageYears: 40, sex: "female" } as const;

/** Somebody who is not known yet: figures of an ordinary adult to start from (assumption). */
export const USUAL_PERSON: PersonContent = {
  name: "",
  ...BODY,
  fatPercent: Math.round(fatPercentFromMassIndex(BODY)),
  accepted: usualLevels(BODY),
  workingHand: "right",
  coldHands: false,
  feels: "usual",
  wearsGlasses: false,
  usesNotes: true,
};
