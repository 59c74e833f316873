import { siplePasselWPerM2, windChillIndexC } from "@/core/standards";
import { Tally, type FileReport, type Tolerance } from "./tally";

type WindChillFile = { cases: { ta: number; v_kmh: number; wct: number; wci: number }[] };

/** The tables print six figures; the formulas are the same. */
const INDEX: Tolerance = { kind: "absolute", allowed: 0.01, unit: "K" };
const HEAT_LOSS: Tolerance = { kind: "relative", allowed: 0.0001, floor: 1 };
const KMH_PER_MS = 3.6;

/** Both wind chill formulas against ours. */
export function compareWindChill(file: WindChillFile): FileReport {
  const tally = new Tally();
  for (const { ta, v_kmh, wct, wci } of file.cases) {
    const where = `${ta} °C, ${v_kmh} km/h`;
    const index = windChillIndexC(ta, v_kmh);
    tally.compare("index of 2001", where, index.kind === "applies" ? index.value : null, wct, INDEX);
    tally.compare("Siple & Passel", where, siplePasselWPerM2(ta, v_kmh / KMH_PER_MS), wci, HEAT_LOSS);
  }
  return tally.report(file.cases.length);
}
