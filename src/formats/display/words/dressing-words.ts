import type { DressingSpot, DressingStep } from "@/core/evening";

export const SPOT_WORDS: Readonly<Record<DressingSpot, string>> = {
  home: "At home",
  vehicle: "At the vehicle, before you walk",
  out: "Out there",
};

const sideWords = (side: "left" | "right" | "both"): string => (side === "both" ? "" : `, ${side} only`);

const closureWords = (name: string, open: readonly string[], without: readonly string[]): string => {
  const parts = [
    ...(open.length > 0 ? [`zips and closures open at ${open.join(", ")}`] : []),
    ...(without.length > 0 ? [`without ${without.join(", ")}`] : []),
  ];
  return `${name}: ${parts.length > 0 ? parts.join("; ") : "everything closed and on"}`;
};

/** A step of dressing in words. */
export function stepWords({ act }: DressingStep): string {
  switch (act.kind) {
    case "putOn":
      return `put on: ${act.piece.name}${sideWords(act.side)}`;
    case "takeOff":
      return `take off: ${act.piece.name}${sideWords(act.side)}`;
    case "keepOn":
      return act.side === "both" ? `${act.piece.name}: both again` : `${act.piece.name}: ${act.side} only`;
    case "setClosures":
      return closureWords(act.piece.name, act.open, act.without);
    case "tuckUnderwear":
      return "tuck the long underwear flat into the socks, smooth every fold";
    case "strapThroughSlot":
      return act.piece.traits.hasStrapSlot
        ? `harness strap out through the slot of ${act.piece.name}, never through the collar`
        : `harness strap: ${act.piece.name} has no slot told; never lead it out through the collar`;
    case "legsOverBoots":
      return `legs of ${act.piece.name} over the boots, outside, and fastened`;
    case "checkGaps":
      return act.open.length === 0
        ? "check for gaps all round with a bare hand: neck, wrists, waist, ankles"
        : `check for gaps all round with a bare hand: open as planned ${act.open.length > 1 ? "are" : "is"} ${act.open.join(", ")}`;
  }
}
