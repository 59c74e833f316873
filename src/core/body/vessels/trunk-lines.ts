import { BLOOD_HEAT_WH_PER_L_K } from "../../units";
import { EXTREMITIES_FIRST, FIRST_ARTERY, FIRST_CORE, FIRST_SKIN, FIRST_VEIN, SEGMENT_NODES } from "../nodes";
import { FEEDING_ARTERY, UPSTREAM_PLACE } from "./vessel-branches";
import { KEPT, LINE, type VesselSystem } from "./vessel-system";

// Letters as in vessel-tree.ts. In head, neck and trunk the published body knows no exchange between vessels and no
// superficial vein: every tissue is a line in the artery alone, and the vein only gathers what they hand it.

const TRUNK = EXTREMITIES_FIRST.filter((segment) => SEGMENT_NODES[segment]!.superficialVein < 0);
const MUSCLE = Int32Array.from(SEGMENT_NODES, ({ muscle }) => muscle);
const FAT = Int32Array.from(SEGMENT_NODES, ({ fat }) => fat);

/** Writes head, neck and trunk as lines in their feeding arteries, and hands on what flows from them to the heart. */
export function trunkInwards(system: VesselSystem): void {
  const { diagonalWPerK, rightW, skinWPerK, kept, veinInflow } = system;
  const { skinInner, muscleFat, coreMuscle } = system.conductances;
  const { core, muscle, fat, skin, venous, arterial } = system.flows;
  const H = BLOOD_HEAT_WH_PER_L_K;
  for (let index = 0; index < TRUNK.length; index++) {
    const segment = TRUNK[index]!;
    const inflow = segment * LINE;
    const at = segment * KEPT;
    const Fc = H * core[segment]!;
    const Fk = H * skin[segment]!;
    const Fv = H * venous[segment]!;
    const Fa = H * arterial[segment]!;
    const Kki = skinInner[segment]!;

    // Skin: k = k0 + ka·a + ki·(fat or core)
    const Dk = 1 / (diagonalWPerK[FIRST_SKIN + segment]! + skinWPerK[segment]! + Fk);
    const ki = Kki * Dk;
    let k0 = rightW[FIRST_SKIN + segment]! * Dk;
    let ka = Fk * Dk;
    let c0: number;
    let ca: number;
    let drained0 = veinInflow[inflow]!;
    let drainedA = veinInflow[inflow + 1]!;
    if (MUSCLE[segment]! >= 0) {
      const Fm = H * muscle[segment]!;
      const Ff = H * fat[segment]!;
      const Kmf = muscleFat[segment]!;
      const Kcm = coreMuscle[segment]!;
      // Fat, muscle and core, each in terms of the artery and what lies under it.
      const Df = 1 / (diagonalWPerK[FAT[segment]!]! + Ff - Kki * ki);
      const fm = Kmf * Df;
      let f0 = (rightW[FAT[segment]!]! + Kki * k0) * Df;
      let fa = (Ff + Kki * ka) * Df;
      const Dm = 1 / (diagonalWPerK[MUSCLE[segment]!]! + Fm - Kmf * fm);
      const mc = Kcm * Dm;
      let m0 = (rightW[MUSCLE[segment]!]! + Kmf * f0) * Dm;
      let ma = (Fm + Kmf * fa) * Dm;
      const Dc = 1 / (diagonalWPerK[FIRST_CORE + segment]! + Fc - Kcm * mc);
      c0 = (rightW[FIRST_CORE + segment]! + Kcm * m0) * Dc;
      ca = (Fc + Kcm * ma) * Dc;
      m0 += mc * c0;
      ma += mc * ca;
      f0 += fm * m0;
      fa += fm * ma;
      k0 += ki * f0;
      ka += ki * fa;
      drained0 += Fm * m0 + Ff * f0;
      drainedA += Fm * ma + Ff * fa;
      kept[at + 8] = m0;
      kept[at + 9] = ma;
      kept[at + 10] = f0;
      kept[at + 11] = fa;
    } else {
      const Dc = 1 / (diagonalWPerK[FIRST_CORE + segment]! + Fc - Kki * ki);
      c0 = (rightW[FIRST_CORE + segment]! + Kki * k0) * Dc;
      ca = (Fc + Kki * ka) * Dc;
      k0 += ki * c0;
      ka += ki * ca;
    }

    // Vein: v = v0 + va·a; artery: a = a0 + au·(artery upstream)
    const Dv = 1 / (diagonalWPerK[FIRST_VEIN + segment]! + Fv);
    const v0 = (rightW[FIRST_VEIN + segment]! + Fc * c0 + Fk * k0 + drained0) * Dv;
    const va = (Fc * ca + Fk * ka + drainedA) * Dv;
    const Da = 1 / (diagonalWPerK[FIRST_ARTERY + segment]! + Fa);
    const a0 = rightW[FIRST_ARTERY + segment]! * Da;
    const au = Fa * Da;

    const upstream = UPSTREAM_PLACE[segment]! * LINE;
    veinInflow[upstream] = veinInflow[upstream]! + Fv * (v0 + va * a0);
    veinInflow[upstream + 1] = veinInflow[upstream + 1]! + Fv * va * au;

    kept[at] = a0;
    kept[at + 1] = au;
    kept[at + 2] = v0;
    kept[at + 3] = va;
    kept[at + 4] = c0;
    kept[at + 5] = ca;
    kept[at + 6] = k0;
    kept[at + 7] = ka;
  }
}

/** Puts numbers into the lines of head, neck and trunk, from the heart outwards. */
export function trunkOutwards({ kept }: VesselSystem, out: Float64Array): void {
  for (let index = TRUNK.length - 1; index >= 0; index--) {
    const segment = TRUNK[index]!;
    const at = segment * KEPT;
    const a = kept[at]! + kept[at + 1]! * out[FEEDING_ARTERY[segment]!]!;
    out[FIRST_ARTERY + segment] = a;
    out[FIRST_VEIN + segment] = kept[at + 2]! + kept[at + 3]! * a;
    out[FIRST_CORE + segment] = kept[at + 4]! + kept[at + 5]! * a;
    out[FIRST_SKIN + segment] = kept[at + 6]! + kept[at + 7]! * a;
    if (MUSCLE[segment]! < 0) continue;
    out[MUSCLE[segment]!] = kept[at + 8]! + kept[at + 9]! * a;
    out[FAT[segment]!] = kept[at + 10]! + kept[at + 11]! * a;
  }
}
