import * as m from "@/messages";
import { MINUTES_PER_HOUR } from "../units";
import { isOfGroup, type Limit, minutesStillOf } from "../limits";
import type { SitAnswer } from "../simulation";
import type { ExposureLimit, StandardAnswer } from "../standards";

/** Why our answer and the standard's differ. */
export type DifferenceReason =
  /** Toes, fingers or face end it; the standard looks at the whole body alone. */
  | "localCooling"
  /** Both look at heat debt: ours follows the body through walk and weather, the standard one mean balance. */
  | "historyOfTheDay"
  /** Our limit is of the body but no heat debt: shivering, skin or core. */
  | "otherBodyLimit"
  | "noDifference"
  | "standardSilent";

/** Ours against the standard's, minutes; `null` means unlimited or longer than simulated. */
export type Comparison = {
  readonly oursMinutes: number | null;
  readonly standardMinutes: number | null;
  readonly reason: DifferenceReason;
  /** One plain sentence. */
  readonly sentence: string;
};

/** Answers so near each other agree (assumption: a quarter, as the heat debt was found to agree with the standard). */
const AGREE_WITHIN_SHARE = 0.25;

const minutesText = (minutes: number | null): string => {
  if (minutes === null) return m.noEnd;
  const hours = Math.floor(minutes / MINUTES_PER_HOUR);
  const rest = Math.round(minutes % MINUTES_PER_HOUR);
  return hours > 0 ? m.hMin({ hours, rest }) : m.min({ rest });
};

const REASON_TEXT: Readonly<Record<DifferenceReason, string>> = {
  localCooling: m.theStandardBalancesTheWholeBody,
  historyOfTheDay: m.theStandardTakesOneMeanBalance,
  otherBodyLimit: m.theStandardCountsHeatDebtAlone,
  noDifference: m.bothAgreeWithinAQuarter,
  standardSilent: m.theStandardGivesNoFigureFor,
};

function reasonOf(ours: number | null, standard: number | null, limit: Limit | null): DifferenceReason {
  if (ours === standard) return "noDifference";
  if (ours !== null && standard !== null && Math.abs(ours / standard - 1) <= AGREE_WITHIN_SHARE) return "noDifference";
  if (limit !== null && isOfGroup(limit, "digit", "face") && (standard === null || (ours ?? Infinity) < standard))
    return "localCooling";
  return limit !== null && isOfGroup(limit, "body") ? "otherBodyLimit" : "historyOfTheDay";
}

/** Sets our verdict beside the standard's exposure limit. */
export function compareWithStandard({ verdict }: SitAnswer, exposure: StandardAnswer<ExposureLimit>): Comparison {
  const oursMinutes = minutesStillOf(verdict);
  if (exposure.kind === "notApplicable") {
    return {
      oursMinutes,
      standardMinutes: null,
      reason: "standardSilent",
      sentence: sentence(REASON_TEXT.standardSilent),
    };
  }
  const standardMinutes = exposure.value.kind === "unlimited" ? null : exposure.value.hours * MINUTES_PER_HOUR;
  const reason = reasonOf(oursMinutes, standardMinutes, verdict.kind === "longerThan" ? null : verdict.crossing.limit);
  const head = m.byItsOwnBalanceIso11079({ standardMinutes: minutesText(standardMinutes) });
  return { oursMinutes, standardMinutes, reason, sentence: sentence(`${head}: ${REASON_TEXT[reason]}`) };
}

const sentence = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
