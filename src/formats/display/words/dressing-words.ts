import * as m from "@/messages";
import type { LeakPoint } from "@/core/patches";
import { LEAK_POINT_WORDS, partWords, SIDE_WORDS } from "./body-words";
import type { DressingSpot, DressingStep } from "@/core/evening";

export const SPOT_WORDS: Readonly<Record<DressingSpot, string>> = {
  home: m.atHome,
  vehicle: m.atTheVehicleBeforeYouWalk,
  out: m.outThere,
};

const sideWords = (side: "left" | "right" | "both"): string =>
  side === "both" ? "" : m.only({ side: SIDE_WORDS[side] });

const closureWords = (name: string, open: readonly LeakPoint[], without: readonly string[]): string => {
  const parts = [
    ...(open.length > 0
      ? [m.zipsAndClosuresOpenAt({ open: open.map((point) => LEAK_POINT_WORDS[point]).join(", ") })]
      : []),
    ...(without.length > 0 ? [m.without({ off: without.map(partWords).join(", ") })] : []),
  ];
  return `${name}: ${parts.length > 0 ? parts.join("; ") : m.everythingClosedAndOn}`;
};

/** A step of dressing in words. */
export function stepWords({ act }: DressingStep): string {
  switch (act.kind) {
    case "putOn":
      return m.putOn({ name: act.piece.name, side: sideWords(act.side) });
    case "takeOff":
      return m.takeOff({ name: act.piece.name, side: sideWords(act.side) });
    case "keepOn":
      return act.side === "both"
        ? m.bothAgain({ name: act.piece.name })
        : m.ofOnly({ name: act.piece.name, side: SIDE_WORDS[act.side] });
    case "setClosures":
      return closureWords(act.piece.name, act.open, act.without);
    case "tuckUnderwear":
      return m.tuckTheLongUnderwearFlatInto;
    case "strapThroughSlot":
      return act.piece.traits.hasStrapSlot
        ? m.harnessStrapOutThroughTheSlot({ name: act.piece.name })
        : m.harnessStrapHasNoSlotTold({ name: act.piece.name });
    case "legsOverBoots":
      return m.legsOfOverTheBootsOutside({ name: act.piece.name });
    case "checkGaps":
      return act.open.length === 0
        ? m.checkForGapsAllRoundWith
        : m.checkForGapsExceptAt({
            count: act.open.length,
            open: act.open.map((point) => LEAK_POINT_WORDS[point]).join(", "),
          });
  }
}
