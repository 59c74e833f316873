import type { CareDone } from "@/core/care";
import { computedTraitsOf } from "@/core/pieces";
import type { Planned } from "@/core/evening";
import { hoursDuringPlan } from "./hours-of-plan";
import type { OutingView } from "./outing-view";

/** How often each piece was worn out there and when it was cared for, by its id. */
export type CareById = Readonly<Record<string, { readonly wears: number; readonly care: CareDone }>>;

/** What the lists of the evening before are drawn from. @param careById where it is known */
export const plannedOfView = (view: OutingView, careById: CareById = {}): Planned => ({
  kit: view.kit.map(({ id, name, kind, label, fingersTogether, traits, massG }) => ({
    id,
    name,
    kind,
    label,
    fingersTogether,
    traits,
    massG: massG ?? undefined,
    ...computedTraitsOf(traits),
    ...careById[id],
  })),
  wearings: view.wearings,
  phases: view.phases,
  setting: view.setting,
  startsAtMs: Date.parse(view.startsAt),
  lowestAirC: Math.min(...hoursDuringPlan(view).map(({ airTemperatureC }) => airTemperatureC)),
});
