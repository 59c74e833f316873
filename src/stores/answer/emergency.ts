import { minutesStillOf } from "@/core/limits";
import { MINUTES_PER_HOUR } from "@/core/units";
import { atom } from "nanostores";
import { drySetOf, withLever, type AfterFall, type AfterWalkOut, type Lever } from "@/core/emergency";
import type { OutingResult } from "@/core/simulation";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";

// What becomes of a plan when it goes wrong: asked for, never part of the sheet.

/** A plan under strain. */
export type LeverTold = {
  readonly lasts: boolean;
  readonly shortMinutes: number;
  /** Minutes from the sit's start by the hard limits; `null` where they hold. */
  readonly hardMinutes: number | null;
};
export type FallTold = Omit<AfterFall, "result"> & {
  /** Heat gone within a quarter of an hour, the changing of clothes included, and on arrival or within an hour, W·h/m². */
  readonly debtSoon: number;
  readonly debtThen: number;
};
export type Emergency = {
  readonly longer: LeverTold | null;
  readonly colder: LeverTold | null;
  readonly windier: LeverTold | null;
  /** After so many minutes on foot, because the vehicle stays. */
  readonly onFoot: AfterWalkOut | null;
  readonly wet: FallTold | null;
  readonly dry: FallTold | null;
  /** Names of the pieces that make the dry set. */
  readonly drySet: readonly string[];
};
export const $emergency = atom<Emergency | null>(null);

export type EmergencyAsked = {
  readonly hours: number;
  readonly colderK: number;
  readonly windFactor: number;
  readonly walkMinutes: number;
  /** Of the fall. */
  readonly minute: number;
};

/** By then a dry set is on: what changing cost bare is told. */
const SOON_AFTER_FALL = 15;

function toldOf({ sits, decidingSit }: OutingResult): LeverTold {
  const { verdict, byLevel, fromMinute, toMinute } = sits[decidingSit]!;
  const still = minutesStillOf(verdict) ?? Infinity;
  const shortMinutes = Math.max(0, toMinute - fromMinute - still);
  const { hard } = byLevel;
  return {
    lasts: shortMinutes === 0,
    shortMinutes,
    hardMinutes: minutesStillOf(hard),
  };
}

/** Minutes on foot to where it is warm: the refuge of the place, else back the way one came. */
function walkMinutes({ setting, phases }: OutingView): number | null {
  if (setting.refuge && setting.refuge.kind !== "none") return setting.refuge.minutesAway;
  return phases.find(({ kind }) => kind === "walkOut")?.minutes ?? null;
}

let round = 0;
/** Works out what becomes of the plan; an older question is forgotten. */
export async function askEmergency(view: OutingView, asked: EmergencyAsked): Promise<void> {
  const own = ++round;
  const worker = workerFor("derived");
  const outing = viewToOuting(view);
  const ask = async (lever: Lever): Promise<LeverTold | null> => {
    const answer = await worker.simulate(withLever(outing, lever));
    return answer.ok ? toldOf(answer.result) : null;
  };
  const minute = Math.max(1, asked.minute);
  const fall = async (withDrySet: boolean): Promise<FallTold | null> => {
    const drySet = withDrySet ? drySetOf(outing, kitOf(view)) : [];
    if (withDrySet && drySet.length === 0) return null;
    const told = await worker.fall(outing, minute, walkMinutes(view), drySet);
    if (!told) return null;
    const { result, ...rest } = told;
    const debt = result.series.heatDebtWhPerM2;
    const later = Math.min(result.series.minutes, minute + (told.onArrival?.minutes ?? MINUTES_PER_HOUR));
    const soon = Math.min(result.series.minutes, minute + SOON_AFTER_FALL);
    return { ...rest, debtSoon: debt[soon]! - debt[minute]!, debtThen: debt[later]! - debt[minute]! };
  };
  const [longer, colder, windier] = await Promise.all([
    ask({ kind: "lastsLonger", hours: asked.hours }),
    ask({ kind: "getsColder", byK: asked.colderK }),
    ask({ kind: "windier", factor: asked.windFactor }),
  ]);
  const onFoot = await worker.onFoot(outing, asked.walkMinutes);
  const [wet, dry] = await Promise.all([fall(false), fall(true)]);
  if (own !== round) return;
  $emergency.set({
    longer,
    colder,
    windier,
    onFoot,
    wet,
    dry,
    drySet: drySetOf(outing, kitOf(view)).map(({ name }) => name),
  });
}
