import { saturationPressureKPa, saturationSlopeKPaPerK } from "../body";
import { MOST_LAYERS_FOLLOWED } from "./water-plan";

/** Drier than this a layer is dry: finer than any scale, g/m². */
const WET_FROM_G_PER_M2 = 0.01;
/** Vapour above saturation by less is rounding, kPa. */
const LEAST_EXCESS_KPA = 1e-9;
const SOLVED_WITHIN_K = 0.005;
const MOST_ROUNDS = 12;
const NODES = MOST_LAYERS_FOLLOWED + 2;

/**
 * Heat and vapour from the skin through layers to the air. The outer side of each layer, a plane, is at saturation where
 * it is wet, or where dry it would lie above saturation; there vapour condenses or water dries, and what heat that sets
 * free or takes flows away on both sides. Nothing is stored but water.
 * Buffers of one book, filled without allocating: set `layers`, both ends and the arrays up to `layers`, then `solve`.
 * @source Glaser's method (EN ISO 13788) with the latent heat of its planes; solved by Newton's method
 */
export class VapourThroughLayers {
  layers = 0;
  skinC = 0;
  aroundC = 0;
  skinKPa = 0;
  airKPa = 0;
  /** Between the skin and each plane, the air at the end: to heat, m²·K/W, and to vapour, m²·kPa/W. */
  readonly heatUpTo = new Float64Array(NODES);
  readonly vapourUpTo = new Float64Array(NODES);
  /** Water on each plane, g/m². */
  readonly waterGPerM2 = new Float64Array(NODES);

  /** Latent heat set free at each plane, W/m²; negative where water dries. */
  readonly condensesWPerM2 = new Float64Array(NODES);
  /** Latent and dry heat that leave the skin, W/m². */
  leavesSkinWPerM2 = 0;
  dryFromSkinWPerM2 = 0;

  private readonly planeC = new Float64Array(NODES);
  private readonly planeKPa = new Float64Array(NODES);
  private readonly isPinned = new Uint8Array(NODES);
  /** Pinned planes in order, and the tridiagonal system over them. */
  private readonly pinned = new Int32Array(NODES);
  private pins = 0;
  private readonly below = new Float64Array(NODES);
  private readonly middle = new Float64Array(NODES);
  private readonly above = new Float64Array(NODES);
  private readonly rest = new Float64Array(NODES);

  solve(): void {
    const { layers, heatUpTo, planeC, waterGPerM2, isPinned } = this;
    const perM2K = (this.skinC - this.aroundC) / heatUpTo[layers]!;
    for (let plane = 0; plane < layers; plane++) {
      planeC[plane] = this.skinC - perM2K * heatUpTo[plane]!;
      isPinned[plane] = waterGPerM2[plane]! > WET_FROM_G_PER_M2 ? 1 : 0;
    }
    do this.balancePinned();
    while (this.pinWorst());
    this.readFlows();
  }

  /** Finds the temperatures at which heat and vapour of the pinned planes are in balance. */
  private balancePinned(): void {
    this.pins = 0;
    for (let plane = 0; plane < this.layers; plane++) {
      if (this.isPinned[plane] === 1) this.pinned[this.pins++] = plane;
    }
    for (let round = 0; this.pins > 0 && round < MOST_ROUNDS; round++) {
      if (this.newtonStep() < SOLVED_WITHIN_K) return;
    }
  }

  /** One step of Newton's method; the greatest change, K. */
  private newtonStep(): number {
    const { pins, pinned, planeC, planeKPa, below, middle, above, rest } = this;
    for (let pin = 0; pin < pins; pin++) planeKPa[pinned[pin]!] = saturationPressureKPa(planeC[pinned[pin]!]!);
    for (let pin = 0; pin < pins; pin++) this.writeRow(pin);
    for (let pin = 1; pin < pins; pin++) {
      const factor = below[pin]! / middle[pin - 1]!;
      middle[pin] = middle[pin]! - factor * above[pin - 1]!;
      rest[pin] = rest[pin]! - factor * rest[pin - 1]!;
    }
    let greatestK = 0;
    for (let pin = pins - 1; pin >= 0; pin--) {
      const next = pin + 1 < pins ? above[pin]! * rest[pin + 1]! : 0;
      const changeK = (rest[pin]! - next) / middle[pin]!;
      rest[pin] = changeK;
      planeC[pinned[pin]!] = planeC[pinned[pin]!]! + changeK;
      greatestK = Math.max(greatestK, Math.abs(changeK));
    }
    return greatestK;
  }

  /** What flows into a pinned plane less what flows out, and how that changes with the temperatures of it and its neighbours. */
  private writeRow(pin: number): void {
    const { pins, pinned, layers, planeC, planeKPa, heatUpTo, vapourUpTo, below, middle, above, rest } = this;
    const plane = pinned[pin]!;
    const before = pin > 0 ? pinned[pin - 1]! : -1;
    const after = pin + 1 < pins ? pinned[pin + 1]! : layers;
    const heatIn = 1 / (heatUpTo[plane]! - (before < 0 ? 0 : heatUpTo[before]!));
    const vapourIn = 1 / (vapourUpTo[plane]! - (before < 0 ? 0 : vapourUpTo[before]!));
    const heatOut = 1 / (heatUpTo[after]! - heatUpTo[plane]!);
    const vapourOut = 1 / (vapourUpTo[after]! - vapourUpTo[plane]!);
    const inC = before < 0 ? this.skinC : planeC[before]!;
    const inKPa = before < 0 ? this.skinKPa : planeKPa[before]!;
    const outC = after === layers ? this.aroundC : planeC[after]!;
    const outKPa = after === layers ? this.airKPa : planeKPa[after]!;
    const kPaPerK = saturationSlopeKPaPerK(planeC[plane]!, planeKPa[plane]!);
    middle[pin] = heatIn + heatOut + (vapourIn + vapourOut) * kPaPerK;
    below[pin] = before < 0 ? 0 : -(heatIn + vapourIn * saturationSlopeKPaPerK(inC, inKPa));
    above[pin] = after === layers ? 0 : -(heatOut + vapourOut * saturationSlopeKPaPerK(outC, outKPa));
    rest[pin] =
      (inC - planeC[plane]!) * heatIn +
      (inKPa - planeKPa[plane]!) * vapourIn -
      (planeC[plane]! - outC) * heatOut -
      (planeKPa[plane]! - outKPa) * vapourOut;
  }

  /** Pins the plane that lies furthest above saturation; whether there was one. */
  private pinWorst(): boolean {
    const { layers, heatUpTo, vapourUpTo, planeC, planeKPa, isPinned } = this;
    let worst = -1;
    let worstKPa = LEAST_EXCESS_KPA;
    let before = -1;
    for (let plane = 0; plane < layers; plane++) {
      if (isPinned[plane] === 1) {
        before = plane;
        continue;
      }
      let after = plane + 1;
      while (after < layers && isPinned[after] === 0) after++;
      const inC = before < 0 ? this.skinC : planeC[before]!;
      const inKPa = before < 0 ? this.skinKPa : planeKPa[before]!;
      const inHeat = before < 0 ? 0 : heatUpTo[before]!;
      const inVapour = before < 0 ? 0 : vapourUpTo[before]!;
      const outC = after === layers ? this.aroundC : planeC[after]!;
      const outKPa = after === layers ? this.airKPa : planeKPa[after]!;
      const warmth = (heatUpTo[plane]! - inHeat) / (heatUpTo[after]! - inHeat);
      planeC[plane] = inC + (outC - inC) * warmth;
      const damp = (vapourUpTo[plane]! - inVapour) / (vapourUpTo[after]! - inVapour);
      const overKPa = inKPa + (outKPa - inKPa) * damp - saturationPressureKPa(planeC[plane]!);
      if (overKPa > worstKPa) {
        worst = plane;
        worstKPa = overKPa;
      }
    }
    if (worst >= 0) isPinned[worst] = 1;
    return worst >= 0;
  }

  private readFlows(): void {
    const { layers, pins, pinned, heatUpTo, vapourUpTo, planeC, planeKPa, condensesWPerM2 } = this;
    condensesWPerM2.fill(0, 0, layers);
    const first = pins > 0 ? pinned[0]! : layers;
    const firstC = pins > 0 ? planeC[first]! : this.aroundC;
    this.dryFromSkinWPerM2 = (this.skinC - firstC) / heatUpTo[first]!;
    let fromKPa = this.skinKPa;
    let from = 0;
    for (let pin = 0; pin <= pins; pin++) {
      const plane = pin < pins ? pinned[pin]! : layers;
      const kPa = pin < pins ? saturationPressureKPa(planeC[plane]!) : this.airKPa;
      planeKPa[plane] = kPa;
      const flow = (fromKPa - kPa) / (vapourUpTo[plane]! - from);
      if (pin === 0) this.leavesSkinWPerM2 = flow;
      else condensesWPerM2[pinned[pin - 1]!] = condensesWPerM2[pinned[pin - 1]!]! - flow;
      if (pin < pins) condensesWPerM2[plane] = flow;
      fromKPa = kPa;
      from = vapourUpTo[plane]!;
    }
  }
}
