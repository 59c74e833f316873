import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import type { LeftWith, OutingPreparation } from "@/core/evening";
import { edit } from "./editing";

// What people do to a plan's own fields, each as one command.

const editPlan = (label: string, change: (plan: OutingPreparation) => Partial<OutingPreparation>): void =>
  edit(label, (view) => ({ ...view, plan: { ...view.plan, ...change(view.plan) } }));

/** Ticks a line of the packing list, or takes the tick away. */
export const tick = (key: string, isPacked: boolean): void =>
  editPlan(isPacked ? "packed" : m.notPacked, ({ ticks = [] }) => ({
    ticks: isPacked ? [...ticks.filter((own) => own !== key), key] : ticks.filter((own) => own !== key),
  }));

export const untickAll = (): void => editPlan(m.startPackingAgain2, () => ({ ticks: [] }));

export const addExtra = (words: string): void =>
  editPlan(m.aThingToTake, ({ extras = [] }) => ({ extras: [...extras, { id: uuid(), words }] }));

export const removeExtra = (id: string): void =>
  editPlan(m.aThingLessToTake, ({ extras = [] }) => ({ extras: extras.filter((own) => own.id !== id) }));

export const leaveWith = (leftWith: LeftWith | undefined): void => editPlan(m.whoKnowsOfIt, () => ({ leftWith }));

export const tellPlace = (tellsPlace: boolean): void =>
  editPlan(m.coordinatesOnTheCard, () => ({ tellsPlace: tellsPlace || undefined }));
