import { DIFFUSION_WETTEDNESS, SEGMENTS } from "../body";
import { SECONDS_PER_HOUR } from "../units";
import type { LayerWater } from "./layer-water";
import { VapourThroughLayers } from "./vapour-through-layers";
import { DRIPPED, FROM_SKIN, TO_AIR, type WaterLedger } from "./water-ledger";
import type { WaterPlan } from "./water-plan";
import { LATENT_J_PER_G } from "./water-properties";
import type { WaterState } from "./water-state";
import type { WetSkin } from "./wet-skin";

/** Feet sweat even in the cold, a few grams an hour each whatever the body does (assumption), g/(m²·h). */
export const FOOT_SWEAT_G_PER_M2H = 25;
const FOOT_SWEAT_W_PER_M2 = (FOOT_SWEAT_G_PER_M2H * LATENT_J_PER_G) / SECONDS_PER_HOUR;
const IS_FOOT = Uint8Array.from(SEGMENTS, (segment) => (segment.endsWith("Foot") ? 1 : 0));
/** Where weight presses clothing to nothing, a plane still lies outside the skin, m²·K/W. */
const LEAST_CLOTHING_M2K_PER_W = 1e-3;
const LEAST_CLOTHING_M2KPA_PER_W = 1e-4;

/** Vapour from the skin through a segment's layers: what condenses in them, dries out of them, and what heat that costs. */
export class SegmentVapour {
  private readonly vapour = new VapourThroughLayers();

  constructor(
    private readonly state: WaterState,
    private readonly layerWater: LayerWater,
    private readonly ledger: WaterLedger,
  ) {}

  /** Moves a segment's vapour and what it leaves or takes; heat that the skin gains by it, W/m². */
  move(plan: WaterPlan, segment: number, skin: WetSkin, stepS: number): number {
    const { vapour, state, ledger, layerWater } = this;
    const from = plan.first[segment]!;
    const layers = plan.first[segment + 1]! - from;
    const evaporates = skin.evaporatesWPerM2[segment]!;
    const drips = skin.dripsWPerM2[segment]! + IS_FOOT[segment]! * FOOT_SWEAT_W_PER_M2;
    const gPerW = stepS / LATENT_J_PER_G;
    if (layers === 0) {
      ledger.note(FROM_SKIN, (evaporates + drips) * gPerW);
      ledger.note(TO_AIR, evaporates * gPerW);
      ledger.note(DRIPPED, drips * gPerW);
      return 0;
    }
    // First what drips: what comes and dries within a minute is then the same every minute.
    layerWater.add(plan, from, layers, 0, drips * gPerW);
    this.lay(plan, segment, skin);
    vapour.solve();
    // Sweat that a wet shirt keeps from evaporating stays in it; through dry skin no more comes than gets away.
    const sweats = 1 - DIFFUSION_WETTEDNESS / Math.max(DIFFUSION_WETTEDNESS, skin.wettedness[segment]!);
    const keptBack = Math.max(0, evaporates - vapour.leavesSkinWPerM2) * sweats;
    const dryW = (vapour.skinC - vapour.aroundC) / vapour.heatUpTo[layers]!;
    let heat = evaporates - vapour.leavesSkinWPerM2 + dryW - vapour.dryFromSkinWPerM2;
    let toAir = vapour.leavesSkinWPerM2;
    ledger.note(FROM_SKIN, (vapour.leavesSkinWPerM2 + drips + keptBack) * gPerW);
    layerWater.add(plan, from, layers, 0, keptBack * gPerW);
    for (let layer = 0; layer < layers; layer++) {
      const cell = plan.cell[from + layer]!;
      const held = state.waterGPerM2[cell]!;
      const wanted = vapour.condensesWPerM2[layer]!;
      const condenses = Math.max(wanted, -held / gPerW);
      // Water that is gone before the step is takes no more heat: what was too much is given back by its share.
      heat += (condenses - wanted) * (1 - vapour.heatUpTo[layer]! / vapour.heatUpTo[layers]!);
      toAir -= condenses;
      if (condenses < 0) state.waterGPerM2[cell] = Math.max(0, held + condenses * gPerW);
      else layerWater.add(plan, from, layers, layer, condenses * gPerW);
    }
    ledger.note(TO_AIR, toAir * gPerW);
    return heat;
  }

  /** Lays a segment's planes out: resistances up to them, water on them. */
  private lay(plan: WaterPlan, segment: number, skin: WetSkin): void {
    const { vapour, state } = this;
    const from = plan.first[segment]!;
    const layers = plan.first[segment + 1]! - from;
    const clothing = Math.max(LEAST_CLOTHING_M2K_PER_W, skin.clothingM2KPerW[segment]!);
    const vapourAll = skin.vapourM2KPaPerW[segment]!;
    const ofAir = skin.airVapourM2KPaPerW[segment]!;
    const vapourClothing = Math.max(LEAST_CLOTHING_M2KPA_PER_W, vapourAll - ofAir);
    // Dry skin keeps vapour back: as much as leaves it when only so much of it is wet.
    const throughSkin = (1 / skin.wettedness[segment]! - 1) * vapourAll;
    let heat = 0;
    let damp = throughSkin;
    for (let layer = 0; layer < layers; layer++) {
      heat += plan.dryShare[from + layer]! * clothing;
      damp += plan.vapourShare[from + layer]! * vapourClothing;
      vapour.heatUpTo[layer] = heat;
      vapour.vapourUpTo[layer] = damp;
      vapour.waterGPerM2[layer] = state.waterGPerM2[plan.cell[from + layer]!]!;
    }
    vapour.layers = layers;
    vapour.heatUpTo[layers] = clothing + skin.airM2KPerW[segment]!;
    vapour.vapourUpTo[layers] = throughSkin + vapourClothing + ofAir;
    vapour.skinC = skin.skinC[segment]!;
    vapour.aroundC = skin.operativeC[segment]!;
    vapour.skinKPa = skin.skinSaturatedKPa[segment]!;
    vapour.airKPa = skin.vapourPressureKPa[segment]!;
  }
}
