import { breathingLoss, OUTING_BODY, saturationPressureKPa, SEGMENT_COUNT, SEGMENT_INDEX } from "../body";
import { DIGIT_PLACE, DIGITS, type Digit } from "../digits";
import { isDigitPatch, SITES } from "../patches";
import type { Moment } from "../simulation";
import { restsOnSeat } from "../sitter";
import type { BodyFlows, DigitFlows } from "./trace";

const PERCENT = 100;
const GREATEST_SHOWN = 6;

/** Heat to and from a digit in the step that led to a moment. */
export function digitFlows({ sitter }: Moment, digit: Digit): DigitFlows {
  const index = DIGITS.indexOf(digit);
  const { segment, shareDrawn } = DIGIT_PLACE[digit];
  const { drawnFromArteryW, drawnFromSkinW } = sitter.drawn;
  const areaM2 = shareDrawn * sitter.body.parameters.skinAreaM2[SEGMENT_INDEX[segment]]!;
  const temperatureC = sitter.digitC[index]!;
  const surroundingsC = sitter.exchange.digitSurroundingsC[index]!;
  return {
    temperatureC,
    surroundingsC,
    byBloodWPerM2: areaM2 > 0 ? drawnFromArteryW[index]! / areaM2 : null,
    fromBesideWPerM2: areaM2 > 0 ? drawnFromSkinW[index]! / areaM2 : null,
    lostWPerM2: sitter.digitLossWPerM2[index]!,
  };
}

/** Whether a site rests on something instead of facing the air. */
export const touches = ({ at }: Moment, site: number): boolean => !Number.isNaN(at.contactM2KPerW[site]!);

/** Dry heat each site loses, W. */
export function siteLosses(moment: Moment): number[] {
  const { sitter, at } = moment;
  const { skinAreaM2 } = sitter.body.parameters;
  const { operativeC, sitesM2KPerW } = sitter.exchange;
  return SITES.map(({ patch, side, segmentIndex, share }, site) => {
    const digit = isDigitPatch(patch)
      ? DIGITS.indexOf(`${side!}${patch === "toes" ? "Toes" : "Fingers"}` as Digit)
      : -1;
    // What stores heat over fingers and toes makes their loss another than temperatures and resistance alone say.
    if (digit >= 0) return sitter.digitLossWPerM2[digit]! * skinAreaM2[segmentIndex]! * share;
    const skinC = sitter.body.now.skinC[segmentIndex]!;
    const touchedC = restsOnSeat(segmentIndex, at.posture) ? at.seatTemperatureC : at.groundTemperatureC;
    const towardsC = touches(moment, site) ? touchedC : operativeC[segmentIndex]!;
    return ((skinC - towardsC) * skinAreaM2[segmentIndex]! * share) / sitesM2KPerW[site]!;
  });
}

/** Sites by what they lose, the greatest first. */
export function greatestLosses(moment: Moment): { site: number; lostW: number }[] {
  return siteLosses(moment)
    .map((lostW, site) => ({ site, lostW }))
    .sort((one, other) => other.lostW - one.lostW)
    .slice(0, GREATEST_SHOWN);
}

/** Heat of the whole body in the step that led to a moment. */
export function bodyFlows(moment: Moment): BodyFlows {
  const { sitter, at } = moment;
  const { last, vapour } = sitter.body;
  const airKPa = (saturationPressureKPa(at.airTemperatureC) * at.relativeHumidityPercent) / PERCENT;
  const breathed = breathingLoss(last.heatMadeW, at.airTemperatureC, airKPa, OUTING_BODY.expiredAir);
  let vapourW = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) vapourW += vapour.heatW[segment]!;
  return {
    madeW: last.heatMadeW,
    shiveringW: last.shiveringW,
    breathedW: breathed.dry + breathed.moist,
    vapourW,
    dryW: siteLosses(moment).reduce((total, lost) => total + lost, 0),
    greatestLosses: greatestLosses(moment).map(({ site, lostW }) => ({
      patch: SITES[site]!.patch,
      side: SITES[site]!.side,
      lostW,
    })),
  };
}
