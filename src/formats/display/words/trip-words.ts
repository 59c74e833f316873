import * as m from "@/messages";
import type { Dampness, DriedHow, NightKind } from "@/core/trip";

export const NIGHT_WORDS: Readonly<Record<NightKind, string>> = {
  house: m.nightHouse,
  heatedHut: m.nightHeatedHut,
  unheatedHut: m.nightUnheatedHut,
  tent: m.nightTent,
  vehicle: m.nightVehicle,
};
export const HOW_WORDS: Readonly<Record<DriedHow, string>> = {
  hung: m.driedHung,
  pulledOut: m.driedPulledOut,
  leftTogether: m.driedLeftTogether,
  atTheStove: m.driedAtTheStove,
  sleepingBag: m.driedSleepingBag,
  packed: m.driedPacked,
};
export const DAMPNESS_WORDS: Readonly<Record<Dampness, string>> = {
  dry: m.pieceDry,
  damp: m.pieceDamp,
  wet: m.pieceWet,
};
