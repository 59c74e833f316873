import {
  cardMoments as momentsOf,
  dressingOrder as orderOf,
  type CardMoment,
  type DecidingSit,
  type DressingStep,
} from "@/core/evening";
import type { OutingView } from "../outing/outing-view";
import { plannedOfView } from "../outing/planned-of-view";

/** What has its minute, of an outing as it is passed about. */
export const cardMoments = (view: OutingView, sit: DecidingSit): CardMoment[] => momentsOf(plannedOfView(view), sit);

export const dressingOrder = (view: OutingView): DressingStep[] => orderOf(plannedOfView(view));
