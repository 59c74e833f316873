import type { ClothFactor } from "../../clothing";
import type { LeakPoint } from "../../patches";
import type { CellAt, Outfit, SiteLayers, StorePlan } from "../../sitter";
import type { WaterPlan } from "../../water";
import type { Heater } from "../heaters";

/** An outfit for a span of the outing, and the layers that count only where weight rests. */
export type OutfitState = {
  readonly fromMinute: number;
  readonly outfit: Outfit;
  /** Layers without pads, as the outfit was built of them. */
  readonly layers: SiteLayers;
  /** Layers with pads under seat, knees, back and soles, for contact. */
  readonly contactLayers: SiteLayers;
  /** Cell of clothing moisture that holds the water of a layer without pads. */
  readonly cellAt: CellAt;
  /** Where the clothing is open. */
  readonly leaks: readonly LeakPoint[];
  readonly water: WaterPlan | null;
  /** Lowest shaft on the feet that nothing closes, cm; `null` where none is known. */
  readonly shaftHeightCm: number | null;
  /** What brings heat, and where in the layers it lies. */
  readonly heaters: readonly Heater[];
  /** What of it stores heat over fingers and toes. */
  readonly stores: StorePlan | null;
  /** How much more or less cloth insulates than read; `null` where it is taken as read. */
  readonly clothFactor: ClothFactor | null;
};
