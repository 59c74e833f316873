import { quantityText } from "../../quantities";
import type { FootAnswer, FootFit, ToeMinutes } from "@/core/bench";
import type { Level } from "@/core/limits";
import { plainNumber } from "../../numbers";
import { durationText } from "../../time";

/** "2 h 05", or that it is longer than was asked for. */
export const toeText = (toeMinutes: ToeMinutes, level: Level, hours: number): string => {
  const minutes = toeMinutes[level];
  return minutes === null ? `over ${durationText(hours * 60)}` : durationText(minutes);
};

const percent = (share: number): string => `${plainNumber(100 * share, 0)} %`;

/** How a boot fits what is in it: "6 mm of room, 4.3 mm filled". */
export function fitWords({ roomMm, filledMm, overfilledMm, bloodShare }: FootFit): string {
  const filled = `${quantityText("thickness", filledMm)} of cloth over the toes`;
  if (roomMm === null) return `${filled}; the boot does not say its room`;
  if (overfilledMm > 0) {
    return `tight by ${quantityText("thickness", overfilledMm)}: ${filled}, room for ${quantityText("thickness", roomMm)}. The toes get ${percent(bloodShare)} of their blood.`;
  }
  return `fits: ${filled}, room for ${quantityText("thickness", roomMm)}`;
}

/** What being tight costs, in minutes to the level; nothing where it is not tight. */
export function tightCostWords({ toeMinutes, toeMinutesWithRoom }: FootAnswer, level: Level): string | null {
  if (toeMinutesWithRoom === null) return null;
  const [tight, roomy] = [toeMinutes[level], toeMinutesWithRoom[level]];
  if (tight === null) return "Even tight it lasts the hours asked.";
  if (roomy === null) return "With room it would last the hours asked.";
  return `Being tight costs ${durationText(roomy - tight)}.`;
}
