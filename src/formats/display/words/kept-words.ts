import * as m from "@/messages";

/** What a backup names when it cannot hold it. */
export const KEPT_WORDS = {
  person: m.whatPerson,
  place: m.whatPlace,
  piece: m.whatPiece,
  photo: m.whatPhoto,
  outfit: m.whatOutfit,
  outing: m.whatOuting,
  wearing: m.whatWearing,
  history: m.whatHistory,
} as const;
