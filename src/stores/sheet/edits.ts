import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import {
  splitPhase,
  withoutPhase,
  withPhaseInserted,
  withPhaseMinutes,
  type PlaceSetting,
  totalMinutes,
} from "@/core/outing";
import type { OutingContentView, PhaseView, WearingView, WeatherHourView } from "@/formats/wire/outing/outing-view";
import { edit } from "./editing";

// What people do to a sheet, each as one command.

/** Takes over what the sheet is to hold, as resolved elsewhere. */
export const editContent = (label: string, content: Partial<OutingContentView>): void =>
  edit(label, (view) => ({ ...view, ...content }));

export const editSetting = (label: string, change: Partial<PlaceSetting>): void =>
  edit(label, (view) => ({ ...view, setting: { ...view.setting, ...change } }));

export const editHour = (index: number, change: Partial<WeatherHourView>): void =>
  edit(m.weatherOfAnHour, (view) => ({
    ...view,
    weatherShaped: false,
    weather: view.weather.map((hour, position) => (position === index ? { ...hour, ...change } : hour)),
  }));

export const editPhase = (label: string, index: number, change: Partial<Omit<PhaseView, "id" | "minutes">>): void =>
  edit(label, (view) => ({
    ...view,
    phases: view.phases.map((phase, position) => (position === index ? { ...phase, ...change } : phase)),
  }));

/** Gives a phase another length; what is worn moves with the phases. */
export const editPhaseMinutes = (index: number, minutes: number): void =>
  edit(m.lengthOfAPhase, (view) => ({ ...view, ...withPhaseMinutes(view.phases, view.wearings, index, minutes) }));

export const insertPhase = (index: number, phase: Omit<PhaseView, "id">): void =>
  edit(m.addAPhase, (view) => ({
    ...view,
    ...withPhaseInserted(view.phases, view.wearings, index, { ...phase, id: uuid() }),
  }));

export const removePhase = (index: number): void =>
  edit(m.takeAPhaseOut, (view) => ({ ...view, ...withoutPhase(view.phases, view.wearings, index) }));

/** @param minute into the phase */
export const cutPhase = (index: number, minute: number): void =>
  edit(m.splitAPhase, (view) => ({
    ...view,
    phases: splitPhase(view.phases, index, minute, (phase) => ({ ...phase, id: uuid() })),
  }));

/** Cuts a wearing in two at a minute, so that its parts can be worn differently. */
export const cutWearing = (id: string, minute: number): void =>
  edit(m.splitAPiecesTime, (view) => ({
    ...view,
    wearings: view.wearings.flatMap((wearing) =>
      wearing.id === id && wearing.fromMinute < minute && minute < wearing.toMinute
        ? [
            { ...wearing, toMinute: minute },
            { ...wearing, id: uuid(), fromMinute: minute },
          ]
        : [wearing],
    ),
  }));

export const editWearing = (label: string, id: string, change: Partial<Omit<WearingView, "id">>): void =>
  edit(label, (view) => ({
    ...view,
    wearings: view.wearings.map((wearing) => (wearing.id === id ? { ...wearing, ...change } : wearing)),
  }));

/** Swaps a piece for another wherever this one is worn in the outing. */
export const swapPiece = (fromId: string, toId: string): void =>
  edit(m.swapAPiece, (view) => ({
    ...view,
    wearings: view.wearings.map((wearing) =>
      wearing.pieceId === fromId ? { ...wearing, pieceId: toId, withoutParts: [] } : wearing,
    ),
  }));

export const removeWearing = (id: string): void =>
  edit(m.leaveAPieceOff, (view) => ({ ...view, wearings: view.wearings.filter((wearing) => wearing.id !== id) }));

/** Wears a piece from a minute to the end. @returns the id of the new wearing */
export function wear(pieceId: string, rank: number, fromMinute: number, side: WearingView["side"] = "both"): string {
  const id = uuid();
  edit(m.putAPieceOn, (view) => ({
    ...view,
    wearings: [
      ...view.wearings,
      {
        id,
        pieceId,
        side,
        rank,
        fromMinute,
        toMinute: totalMinutes(view.phases),
        opened: [],
        withoutParts: [],
        whenOff: "pack",
      },
    ],
  }));
  return id;
}
