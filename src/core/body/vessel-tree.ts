import { BLOOD_HEAT_WH_PER_L_K } from "../units";
import type { BloodFlows } from "./blood-flows";
import type { BodyParameters } from "./body-parameters";
import { BRANCHES, conductancesBySegment, type SegmentConductances } from "./vessel-branches";
import { CENTRAL_BLOOD_NODE, EXTREMITIES_FIRST } from "./nodes";
import { SEGMENT_COUNT } from "./segments";

// The implicit step is one linear system in 85 temperatures. Blood leaves a segment towards the heart but its rows know
// only its own nodes, those beyond it, and the artery that feeds it. So, from the extremities inwards, every segment is
// solved as a straight line in its feeding artery's temperature, then the central pool as a number, then all outwards.
// Letters in this file: a artery, v vein, s superficial vein, c core, m muscle, f fat, k skin; K conductance, W/K;
// F blood flow times heat, W/K; I capacity over the step, W/K; D one over a diagonal; an unknown is written x = x0 + xa·a + xs·s + xc·c + xv·v.

/** What a segment hands on: a constant and a share of the next artery's temperature. */
const LINE = 2;
/** Numbers kept per segment for the way back outwards. */
const KEPT = 19;

/** Solves one implicit step of one body; buffers are reused from step to step. */
export class VesselTree {
  private readonly conductance: SegmentConductances;
  private readonly kept = new Float64Array(SEGMENT_COUNT * KEPT);
  // What the segments beyond bring, by vein and by superficial vein.
  private readonly veinInflow = new Float64Array((SEGMENT_COUNT + 1) * LINE);
  private readonly superficialInflow = new Float64Array((SEGMENT_COUNT + 1) * LINE);

  constructor(parameters: BodyParameters) {
    this.conductance = conductancesBySegment(parameters);
  }

  /**
   * Replaces the temperatures by those one step later.
   * @param inertiaWPerK heat capacity over the step, per node
   * @param heatW heat into each node from elsewhere, W
   * @param skinWPerK conductance of each segment's skin to its surroundings, W/K
   * @param temperatureC per node, °C
   */
  solve(
    flows: BloodFlows,
    inertiaWPerK: Float64Array,
    heatW: Float64Array,
    skinWPerK: Float64Array,
    temperatureC: Float64Array,
  ): void {
    const { veinInflow, superficialInflow } = this;
    veinInflow.fill(0);
    superficialInflow.fill(0);
    for (let place = 0; place < SEGMENT_COUNT; place++) {
      this.inwards(EXTREMITIES_FIRST[place]!, flows, inertiaWPerK, heatW, skinWPerK, temperatureC);
    }
    let leaving = 0;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      if (BRANCHES[segment]!.upstream === SEGMENT_COUNT) leaving += BLOOD_HEAT_WH_PER_L_K * flows.arterial[segment]!;
    }
    const central = SEGMENT_COUNT * LINE;
    // As much blood returns to the pool as leaves it: the diagonal carries what returns.
    const inertia = inertiaWPerK[CENTRAL_BLOOD_NODE]!;
    temperatureC[CENTRAL_BLOOD_NODE] =
      (inertia * temperatureC[CENTRAL_BLOOD_NODE]! + heatW[CENTRAL_BLOOD_NODE]! + veinInflow[central]!) /
      (inertia + leaving - veinInflow[central + 1]!);
    for (let place = SEGMENT_COUNT - 1; place >= 0; place--) {
      this.outwards(EXTREMITIES_FIRST[place]!, temperatureC);
    }
  }

  /** Writes a segment as lines in its feeding artery, and hands on what flows from it towards the heart. */
  private inwards(
    segment: number,
    flows: BloodFlows,
    inertiaWPerK: Float64Array,
    heatW: Float64Array,
    skinWPerK: Float64Array,
    temperatureC: Float64Array,
  ): void {
    const { nodes, layered, limb, upstream, superficialUpstream } = BRANCHES[segment]!;
    const { kept, veinInflow, superficialInflow, conductance: K } = this;
    const H = BLOOD_HEAT_WH_PER_L_K;
    const Fc = H * flows.core[segment]!;
    const Fk = H * flows.skin[segment]!;
    const Fm = layered ? H * flows.muscle[segment]! : 0;
    const Ff = layered ? H * flows.fat[segment]! : 0;
    const Fs = limb ? H * flows.superficial[segment]! : 0;
    const Fv = H * flows.venous[segment]!;
    const Fa = H * flows.arterial[segment]!;
    const Kac = K.arteryCore[segment]!;
    const Kav = K.arteryVein[segment]!;
    const Kvc = K.veinCore[segment]!;
    const Ksk = K.superficialSkin[segment]!;
    const Kki = K.skinInner[segment]!;

    // Skin: k = k0 + ka·a + ks·s + ki·(fat or core)
    const Iskin = inertiaWPerK[nodes.skin]!;
    const Dk = 1 / (Iskin + skinWPerK[segment]! + Kki + Ksk + Fk);
    const k0 = (Iskin * temperatureC[nodes.skin]! + heatW[nodes.skin]!) * Dk;
    const ka = Fk * Dk;
    const ks = Ksk * Dk;
    const ki = Kki * Dk;

    // Fat and muscle in head and pelvis, each in terms of what lies under it.
    let f0 = 0;
    let fa = 0;
    let fm = 0;
    let m0 = 0;
    let ma = 0;
    let mc = 0;
    let coupling = Kki; // core to the tissue over it
    let over0 = k0;
    let overA = ka;
    let overC = ki;
    if (layered) {
      const Kmf = K.muscleFat[segment]!;
      const Kcm = K.coreMuscle[segment]!;
      const Ifat = inertiaWPerK[nodes.fat]!;
      const Imuscle = inertiaWPerK[nodes.muscle]!;
      const Df = 1 / (Ifat + Kki + Kmf + Ff - Kki * ki);
      f0 = (Ifat * temperatureC[nodes.fat]! + heatW[nodes.fat]! + Kki * k0) * Df;
      fa = (Ff + Kki * ka) * Df;
      fm = Kmf * Df;
      const Dm = 1 / (Imuscle + Kmf + Kcm + Fm - Kmf * fm);
      m0 = (Imuscle * temperatureC[nodes.muscle]! + heatW[nodes.muscle]! + Kmf * f0) * Dm;
      ma = (Fm + Kmf * fa) * Dm;
      mc = Kcm * Dm;
      coupling = Kcm;
      over0 = m0;
      overA = ma;
      overC = mc;
    }

    // Core: c = c0 + ca·a + cs·s + cv·v
    const Icore = inertiaWPerK[nodes.core]!;
    const Dc = 1 / (Icore + coupling + Kac + Kvc + Fc - coupling * overC);
    let c0 = (Icore * temperatureC[nodes.core]! + heatW[nodes.core]! + coupling * over0) * Dc;
    let ca = (Fc + Kac + coupling * overA) * Dc;
    const cs = limb ? coupling * ks * Dc : 0;
    let cv = Kvc * Dc;

    // Superficial vein of a limb: s = s0 + sa·a + sv·v; anastomoses and the vein beyond flow into it.
    let s0 = 0;
    let sa = 0;
    let sv = 0;
    if (limb) {
      const Fanastomoses = H * flows.anastomoses[segment]!;
      const Isuperficial = inertiaWPerK[nodes.superficialVein]!;
      const Ds = 1 / (Isuperficial + Ksk + Fs - Ksk * (ks + ki * cs));
      s0 =
        (Isuperficial * temperatureC[nodes.superficialVein]! +
          heatW[nodes.superficialVein]! +
          Ksk * (k0 + ki * c0) +
          superficialInflow[segment * LINE]!) *
        Ds;
      sa = (Ksk * (ka + ki * ca) + Fanastomoses + superficialInflow[segment * LINE + 1]!) * Ds;
      sv = Ksk * ki * cv * Ds;
      c0 += cs * s0;
      ca += cs * sa;
      cv += cs * sv;
    }

    // Every tissue in terms of artery and vein alone.
    const m0av = m0 + mc * c0;
    const maav = ma + mc * ca;
    const mvav = mc * cv;
    const f0av = f0 + fm * m0av;
    const faav = fa + fm * maav;
    const fvav = fm * mvav;
    const k0av = k0 + ks * s0 + ki * (layered ? f0av : c0);
    const kaav = ka + ks * sa + ki * (layered ? faav : ca);
    const kvav = ks * sv + ki * (layered ? fvav : cv);

    // Vein: v = v0 + va·a
    const Ivein = inertiaWPerK[nodes.vein]!;
    const Dv = 1 / (Ivein + Kav + Kvc + Fv - (Kvc + Fc) * cv - Fk * kvav - Fm * mvav - Ff * fvav);
    const v0 =
      (Ivein * temperatureC[nodes.vein]! +
        heatW[nodes.vein]! +
        (Kvc + Fc) * c0 +
        Fk * k0av +
        Fm * m0av +
        Ff * f0av +
        veinInflow[segment * LINE]!) *
      Dv;
    const va = (Kav + (Kvc + Fc) * ca + Fk * kaav + Fm * maav + Ff * faav + veinInflow[segment * LINE + 1]!) * Dv;

    // Artery: a = a0 + au·(artery upstream)
    const Iartery = inertiaWPerK[nodes.artery]!;
    const Da = 1 / (Iartery + Kav + Kac + Fa - Kav * va - Kac * (ca + cv * va));
    const a0 = (Iartery * temperatureC[nodes.artery]! + heatW[nodes.artery]! + Kav * v0 + Kac * (c0 + cv * v0)) * Da;
    const au = Fa * Da;

    const veinOut0 = v0 + va * a0;
    const veinOutU = va * au;
    veinInflow[upstream * LINE] = veinInflow[upstream * LINE]! + Fv * veinOut0;
    veinInflow[upstream * LINE + 1] = veinInflow[upstream * LINE + 1]! + Fv * veinOutU;
    if (limb) {
      const into = superficialUpstream ? superficialInflow : veinInflow;
      into[upstream * LINE] = into[upstream * LINE]! + Fs * (s0 + sa * a0 + sv * veinOut0);
      into[upstream * LINE + 1] = into[upstream * LINE + 1]! + Fs * (sa * au + sv * veinOutU);
    }
    const at = segment * KEPT;
    kept[at] = a0;
    kept[at + 1] = au;
    kept[at + 2] = v0;
    kept[at + 3] = va;
    kept[at + 7] = c0;
    kept[at + 8] = ca;
    kept[at + 9] = cv;
    kept[at + 16] = k0av;
    kept[at + 17] = kaav;
    kept[at + 18] = kvav;
    if (limb) {
      kept[at + 4] = s0;
      kept[at + 5] = sa;
      kept[at + 6] = sv;
    }
    if (layered) {
      kept[at + 10] = m0av;
      kept[at + 11] = maav;
      kept[at + 12] = mvav;
      kept[at + 13] = f0av;
      kept[at + 14] = faav;
      kept[at + 15] = fvav;
    }
  }

  /** Puts numbers into a segment's lines, its feeding artery being known. */
  private outwards(segment: number, out: Float64Array): void {
    const { nodes, layered, limb, feeding } = BRANCHES[segment]!;
    const { kept } = this;
    const at = segment * KEPT;
    const a = kept[at]! + kept[at + 1]! * out[feeding]!;
    const v = kept[at + 2]! + kept[at + 3]! * a;
    out[nodes.artery] = a;
    out[nodes.vein] = v;
    out[nodes.core] = kept[at + 7]! + kept[at + 8]! * a + kept[at + 9]! * v;
    out[nodes.skin] = kept[at + 16]! + kept[at + 17]! * a + kept[at + 18]! * v;
    if (limb) out[nodes.superficialVein] = kept[at + 4]! + kept[at + 5]! * a + kept[at + 6]! * v;
    if (layered) {
      out[nodes.muscle] = kept[at + 10]! + kept[at + 11]! * a + kept[at + 12]! * v;
      out[nodes.fat] = kept[at + 13]! + kept[at + 14]! * a + kept[at + 15]! * v;
    }
  }
}
