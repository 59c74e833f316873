import * as m from "@/messages";
import { CoreError } from "../errors";
import type { Outing } from "../outing";
import type { SitAnswer } from "../simulation";
import {
  applies,
  exposureLimit,
  frostbiteMinutes,
  iso9920Insulation,
  notApplicable,
  requiredInsulation,
  windChillHazard,
  windChillIndexC,
  type CorrectedInsulation,
  type ExposureLimit,
  type IreqCriterion,
  type RequiredInsulation,
  type StandardAnswer,
  type WindChillHazard,
} from "../standards";
import { bisect } from "../numeric";
import { STATIC_AIR_LAYER_M2K_PER_W } from "../clothing";
import { cloFromInsulation, kmhFromMetresPerSecond, MINUTES_PER_HOUR } from "../units";
import { compareWithStandard, type Comparison } from "./compare";
import { sitMeans, type SitMeans } from "./sit-means";

/** What ISO 11079 says by one criterion. */
export type IreqOpinion = {
  readonly required: StandardAnswer<RequiredInsulation>;
  readonly exposure: StandardAnswer<ExposureLimit>;
};

/** The standards' opinion of a sit, beside ours. */
export type StandardOpinion = {
  readonly means: SitMeans;
  readonly minimal: IreqOpinion;
  readonly neutral: IreqOpinion;
  /** Intrinsic insulation with which the standard allows the planned minutes (minimal criterion), clo. */
  readonly requiredForPlanClo: StandardAnswer<number>;
  readonly windCorrected: StandardAnswer<CorrectedInsulation>;
  readonly windChillC: StandardAnswer<number>;
  readonly windChillHazard: WindChillHazard | null;
  readonly frostbiteMinutes: StandardAnswer<number>;
  readonly comparison: Comparison;
};

const MOST_CLO = 20;
const CLO_TOLERANCE = 1e-4;

/** What a bounded search finds, or that the standard has no answer here. */
function found<Value>(search: () => Value, why: string): StandardAnswer<Value> {
  try {
    return applies(search());
  } catch (error) {
    if (error instanceof CoreError && error.code === "not-converged") return notApplicable(why);
    throw error;
  }
}

function ireqOpinion(means: SitMeans, criterion: IreqCriterion): IreqOpinion {
  const permeability = means.airPermeabilityLPerM2S;
  return {
    required: found(() => requiredInsulation(means, criterion, permeability), m.noClothingBalancesHereItIs),
    exposure: found(
      () => exposureLimit(means, criterion, means.intrinsicClo, permeability),
      m.theStandardFindsNoBalanceFor,
    ),
  };
}

/** Intrinsic insulation at which the exposure limit is just the planned time. */
function requiredForPlan(means: SitMeans, plannedMinutes: number): StandardAnswer<number> {
  const shortfallH = (clo: number): number => {
    const limit = exposureLimit(means, "minimal", clo, means.airPermeabilityLPerM2S);
    return limit.kind === "unlimited" ? 1 : limit.hours - plannedMinutes / MINUTES_PER_HOUR;
  };
  return found(
    () => {
      if (shortfallH(0) >= 0) return 0;
      return bisect(shortfallH, 0, MOST_CLO, CLO_TOLERANCE);
    },
    m.noClothingUpToCloAllows({ mostClo: MOST_CLO }),
  );
}

/**
 * What the standards say of a sit: required insulation and exposure limit of ISO 11079, the view of ISO 9920, wind chill,
 * and where and why our answer differs.
 * @throws {CoreError} as `simulateOuting` does
 * @source ISO 11079:2007, ISO 9920:2007, Osczevski & Bluestein 2005; the comparison is ours
 */
export function standardOpinion(outing: Outing, sit: SitAnswer): StandardOpinion {
  const means = sitMeans(outing, sit);
  const openWindKmh = kmhFromMetresPerSecond(means.openWindMPerS);
  const minimal = ireqOpinion(means, "minimal");
  const windChillC = windChillIndexC(means.airTemperatureC, openWindKmh);
  return {
    means,
    minimal,
    neutral: ireqOpinion(means, "neutral"),
    requiredForPlanClo: requiredForPlan(means, sit.toMinute - sit.fromMinute),
    windCorrected: iso9920Insulation({
      intrinsicClo: means.intrinsicClo,
      staticTotalClo: means.totalClo,
      staticAirClo: cloFromInsulation(STATIC_AIR_LAYER_M2K_PER_W),
      relativeWindMPerS: means.relativeWindMPerS,
      walkSpeedMPerS: means.walkSpeedMPerS,
    }),
    windChillC,
    windChillHazard: windChillC.kind === "applies" ? windChillHazard(windChillC.value) : null,
    frostbiteMinutes: frostbiteMinutes(means.airTemperatureC, openWindKmh),
    comparison: compareWithStandard(sit, minimal.exposure),
  };
}
