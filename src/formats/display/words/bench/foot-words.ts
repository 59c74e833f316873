import * as m from "@/messages";
import { quantityText } from "../../quantities";
import type { FootAnswer, FootFit, ToeMinutes } from "@/core/bench";
import type { Level } from "@/core/limits";
import { plainNumber } from "../../numbers";
import { durationText } from "../../time";

/** "2 h 05", or that it is longer than was asked for. */
export const toeText = (toeMinutes: ToeMinutes, level: Level, hours: number): string => {
  const minutes = toeMinutes[level];
  return minutes === null ? m.over({ hours: durationText(hours * 60) }) : durationText(minutes);
};

const percent = (share: number): string => `${plainNumber(100 * share, 0)} %`;

/** How a boot fits what is in it: "6 mm of room, 4.3 mm filled". */
export function fitWords({ roomMm, filledMm, overfilledMm, bloodShare }: FootFit): string {
  const filled = m.ofClothOverTheToes({ quantity: quantityText("thickness", filledMm) });
  if (roomMm === null) return m.theBootDoesNotSayIts({ filled });
  if (overfilledMm > 0) {
    return m.tightByRoomForTheToes({
      quantity: quantityText("thickness", overfilledMm),
      filled,
      quantity2: quantityText("thickness", roomMm),
      percent: percent(bloodShare),
    });
  }
  return m.fitsRoomFor({ filled, quantity: quantityText("thickness", roomMm) });
}

/** What being tight costs, in minutes to the level; nothing where it is not tight. */
export function tightCostWords({ toeMinutes, toeMinutesWithRoom }: FootAnswer, level: Level): string | null {
  if (toeMinutesWithRoom === null) return null;
  const [tight, roomy] = [toeMinutes[level], toeMinutesWithRoom[level]];
  if (tight === null) return m.evenTightItLastsTheHours;
  if (roomy === null) return m.withRoomItWouldLastThe;
  return m.beingTightCosts({ roomy: durationText(roomy - tight) });
}
