export type { DoorCell, DoorTable, DoorTableInput } from "./door-table";
export { codeOf, problemOf, type Kit, type OutfitNumbers } from "./kit";
export type { KitCell, KitMap, KitMapInput } from "./kit-map";
export type { KitDay, KitSeason, KitSeasonInput } from "./kit-season";
export type { OutfitSeasonInput } from "./outfit-season";
export type { Purchase, PurchaseInput, SeasonWithPurchases } from "./purchases";
export { whatToLeave, type PieceInSeason, type WhatToLeave } from "./what-to-leave";
export {
  answerChunk,
  beginWork,
  doneShare,
  type WorkAnswer,
  type WorkChunk,
  type WorkInput,
  type WorkName,
  type WorkResult,
} from "./works";
