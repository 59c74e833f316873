import { sitSpans, type Outing, type SitSpan, totalMinutes } from "../outing";
import { replayTo, type Moment } from "../simulation";
import { SITES } from "../patches";
import { bodyFlows, siteLosses, touches } from "./flows";

/** Where heat comes from and goes to in a minute, W; losses positive. */
export type HeatLedger = {
  readonly madeW: number;
  /** Of what is made, by shivering. */
  readonly shiveringW: number;
  readonly breathedW: number;
  readonly vapourW: number;
  /** To the air, to sky and surroundings, to what is touched. */
  readonly convectionW: number;
  readonly radiationW: number;
  readonly contactW: number;
  /** What the body keeps; negative while it cools. */
  readonly storedW: number;
};

/** The state of one part of the body at a minute. */
export type SiteState = {
  /** Dry heat it loses, W. */
  readonly lostW: number;
  /** Resistance from skin to surroundings, m²·K/W. */
  readonly insulationM2KPerW: number;
  readonly touches: boolean;
  readonly areaM2: number;
};

/** A minute looked at closely: the whole body's ledger and every site, in the order of SITES. */
export type MinuteLook = { readonly ledger: HeatLedger; readonly sites: readonly SiteState[] };

/**
 * Share of a site's free loss that goes to the air. From outer surface to air h_c(T_s − T_a), to the rest h_r(T_s − T_r);
 * the surface's temperature follows from the loss, so the air takes its share c of the loss and h_c(1 − c)(T_r − T_a) more.
 */
function toAirW({ sitter, at }: Moment, site: number, lostW: number): number {
  const { segmentIndex, share } = SITES[site]!;
  const { airM2KPerW, convectionShare } = sitter.exchange;
  const areaM2 = sitter.body.parameters.skinAreaM2[segmentIndex]! * share;
  const ofAir = convectionShare[segmentIndex]!;
  const exchangedWPerM2K = (ofAir * (1 - ofAir)) / airM2KPerW[segmentIndex]!;
  return ofAir * lostW + exchangedWPerM2K * areaM2 * (at.radiantTemperatureC - at.airTemperatureC);
}

/** The ledger of the step that led to a moment. */
export function ledgerOf(moment: Moment): HeatLedger {
  const { madeW, shiveringW, breathedW, vapourW } = bodyFlows(moment);
  let convectionW = 0;
  let freeW = 0;
  let contactW = 0;
  siteLosses(moment).forEach((lostW, site) => {
    if (touches(moment, site)) contactW += lostW;
    else {
      freeW += lostW;
      convectionW += toAirW(moment, site, lostW);
    }
  });
  const storedW = madeW - breathedW - vapourW - freeW - contactW;
  return { madeW, shiveringW, breathedW, vapourW, convectionW, radiationW: freeW - convectionW, contactW, storedW };
}

/** The stretch of the plan that is held at a minute; a plan is looked at within its own length. */
const wholePlan = (outing: Outing): SitSpan => {
  const toMinute = totalMinutes(outing.phases);
  return { ...sitSpans(outing.phases)[0]!, fromMinute: 0, toMinute, lastPhase: outing.phases.length - 1 };
};

/**
 * Looks closely at one minute of an outing.
 * @param minute from the start of the outing, 1 to its length
 * @throws {CoreError} as `simulateOuting` does
 * @source docs/method.md; clothes' outer area is taken as the skin's when air and sky differ
 */
export function lookAt(outing: Outing, minute: number): MinuteLook {
  const moment = replayTo(outing, wholePlan(outing), minute);
  const sites = siteLosses(moment).map((lostW, site) => ({
    lostW,
    insulationM2KPerW: moment.sitter.exchange.sitesM2KPerW[site]!,
    touches: touches(moment, site),
    areaM2: moment.sitter.body.parameters.skinAreaM2[SITES[site]!.segmentIndex]! * SITES[site]!.share,
  }));
  return { ledger: ledgerOf(moment), sites };
}
