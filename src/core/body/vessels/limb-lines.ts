import { BLOOD_HEAT_WH_PER_L_K } from "../../units";
import {
  EXTREMITIES_FIRST,
  FIRST_ARTERY,
  FIRST_CORE,
  FIRST_SKIN,
  FIRST_SUPERFICIAL_VEIN,
  FIRST_VEIN,
  SEGMENT_NODES,
} from "../nodes";
import { FEEDING_ARTERY, JOINS_SUPERFICIAL_VEIN, UPSTREAM_PLACE } from "./vessel-branches";
import { KEPT, LINE, type VesselSystem } from "./vessel-system";

// Letters as in vessel-tree.ts. A limb's segment: artery, vein, superficial vein, core and skin, all joined to each other.

const LIMBS = EXTREMITIES_FIRST.filter((segment) => SEGMENT_NODES[segment]!.superficialVein >= 0);

/** Writes the limbs' segments as lines in their feeding arteries, and hands on what flows from them to the heart. */
export function limbsInwards(system: VesselSystem): void {
  const { diagonalWPerK, rightW, skinWPerK, kept, veinInflow, superficialInflow } = system;
  const { arteryVein, arteryCore, veinCore, superficialSkin, skinInner } = system.conductances;
  const { core, skin, superficial, venous, arterial, anastomoses } = system.flows;
  const H = BLOOD_HEAT_WH_PER_L_K;
  for (let index = 0; index < LIMBS.length; index++) {
    const segment = LIMBS[index]!;
    const inflow = segment * LINE;
    const Fc = H * core[segment]!;
    const Fk = H * skin[segment]!;
    const Fs = H * superficial[segment]!;
    const Fv = H * venous[segment]!;
    const Fa = H * arterial[segment]!;
    const Kav = arteryVein[segment]!;
    const Kac = arteryCore[segment]!;
    const Kvc = veinCore[segment]!;
    const Ksk = superficialSkin[segment]!;
    const Kki = skinInner[segment]!;

    // Skin: k = k0 + ka·a + ks·s + ki·c
    const Dk = 1 / (diagonalWPerK[FIRST_SKIN + segment]! + skinWPerK[segment]! + Fk);
    const k0 = rightW[FIRST_SKIN + segment]! * Dk;
    const ka = Fk * Dk;
    const ks = Ksk * Dk;
    const ki = Kki * Dk;

    // Core: c = c0 + ca·a + cs·s + cv·v
    const Dc = 1 / (diagonalWPerK[FIRST_CORE + segment]! + Fc - Kki * ki);
    const c0 = (rightW[FIRST_CORE + segment]! + Kki * k0) * Dc;
    const ca = (Fc + Kac + Kki * ka) * Dc;
    const cs = Kki * ks * Dc;
    const cv = Kvc * Dc;

    // Superficial vein: s = s0 + sa·a + sv·v; anastomoses and the vein beyond flow into it.
    const Ds = 1 / (diagonalWPerK[FIRST_SUPERFICIAL_VEIN + segment]! + Fs - Ksk * (ks + ki * cs));
    const s0 = (rightW[FIRST_SUPERFICIAL_VEIN + segment]! + Ksk * (k0 + ki * c0) + superficialInflow[inflow]!) * Ds;
    const sa = (Ksk * (ka + ki * ca) + H * anastomoses[segment]! + superficialInflow[inflow + 1]!) * Ds;
    const sv = Ksk * ki * cv * Ds;

    // Core and skin in terms of artery and vein alone.
    const c0av = c0 + cs * s0;
    const caav = ca + cs * sa;
    const cvav = cv + cs * sv;
    const k0av = k0 + ks * s0 + ki * c0av;
    const kaav = ka + ks * sa + ki * caav;
    const kvav = ks * sv + ki * cvav;

    // Vein: v = v0 + va·a
    const Kc = Kvc + Fc;
    const Dv = 1 / (diagonalWPerK[FIRST_VEIN + segment]! + Fv - Kc * cvav - Fk * kvav);
    const v0 = (rightW[FIRST_VEIN + segment]! + Kc * c0av + Fk * k0av + veinInflow[inflow]!) * Dv;
    const va = (Kav + Kc * caav + Fk * kaav + veinInflow[inflow + 1]!) * Dv;

    // Artery: a = a0 + au·(artery upstream)
    const Da = 1 / (diagonalWPerK[FIRST_ARTERY + segment]! + Fa - Kav * va - Kac * (caav + cvav * va));
    const a0 = (rightW[FIRST_ARTERY + segment]! + Kav * v0 + Kac * (c0av + cvav * v0)) * Da;
    const au = Fa * Da;

    const upstream = UPSTREAM_PLACE[segment]! * LINE;
    const veinOut0 = v0 + va * a0;
    const veinOutU = va * au;
    veinInflow[upstream] = veinInflow[upstream]! + Fv * veinOut0;
    veinInflow[upstream + 1] = veinInflow[upstream + 1]! + Fv * veinOutU;
    const into = JOINS_SUPERFICIAL_VEIN[segment] === 1 ? superficialInflow : veinInflow;
    into[upstream] = into[upstream]! + Fs * (s0 + sa * a0 + sv * veinOut0);
    into[upstream + 1] = into[upstream + 1]! + Fs * (sa * au + sv * veinOutU);

    const at = segment * KEPT;
    kept[at] = a0;
    kept[at + 1] = au;
    kept[at + 2] = v0;
    kept[at + 3] = va;
    kept[at + 4] = s0;
    kept[at + 5] = sa;
    kept[at + 6] = sv;
    kept[at + 7] = c0av;
    kept[at + 8] = caav;
    kept[at + 9] = cvav;
    kept[at + 10] = k0av;
    kept[at + 11] = kaav;
    kept[at + 12] = kvav;
  }
}

/** Puts numbers into the limbs' lines, from the heart outwards. */
export function limbsOutwards({ kept }: VesselSystem, out: Float64Array): void {
  for (let index = LIMBS.length - 1; index >= 0; index--) {
    const segment = LIMBS[index]!;
    const at = segment * KEPT;
    const a = kept[at]! + kept[at + 1]! * out[FEEDING_ARTERY[segment]!]!;
    const v = kept[at + 2]! + kept[at + 3]! * a;
    out[FIRST_ARTERY + segment] = a;
    out[FIRST_VEIN + segment] = v;
    out[FIRST_SUPERFICIAL_VEIN + segment] = kept[at + 4]! + kept[at + 5]! * a + kept[at + 6]! * v;
    out[FIRST_CORE + segment] = kept[at + 7]! + kept[at + 8]! * a + kept[at + 9]! * v;
    out[FIRST_SKIN + segment] = kept[at + 10]! + kept[at + 11]! * a + kept[at + 12]! * v;
  }
}
