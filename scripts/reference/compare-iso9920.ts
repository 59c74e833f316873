import { clothingAreaFactor, iso9920Insulation } from "@/core/standards";
import { Tally, type FileReport, type Tolerance } from "./tally";

type Iso9920Case = {
  icl: number;
  vr: number;
  walk: number;
  ia_static: number;
  fcl: number;
  it_static: number;
  ia: number;
  it: number;
};
type Iso9920File = { cases: Iso9920Case[] };

const SHARE: Tolerance = { kind: "relative", allowed: 0.0001, floor: 0.01 };

/** Corrections of ISO 9920 for wind and walking against ours. */
export function compareIso9920(file: Iso9920File): FileReport {
  const tally = new Tally();
  for (const expected of file.cases) {
    const where = `${expected.icl} clo, ${expected.vr} m/s, walking ${expected.walk} m/s`;
    const found = iso9920Insulation({
      intrinsicClo: expected.icl,
      staticTotalClo: expected.it_static,
      staticAirClo: expected.ia_static,
      relativeWindMPerS: expected.vr,
      walkSpeedMPerS: expected.walk,
    });
    const value = found.kind === "applies" ? found.value : null;
    tally.compare("area factor", where, clothingAreaFactor(expected.icl), expected.fcl, SHARE);
    tally.compare("air layer", where, value?.airLayerClo, expected.ia, SHARE);
    tally.compare("total", where, value?.totalClo, expected.it, SHARE);
  }
  return tally.report(file.cases.length);
}
