import * as m from "@/messages";
import { OUTING_RANGE, walkMinutes, withPhaseMinutes, type WalkIn } from "@/core/outing";
import { CONDITION_RANGE } from "@/core/sitter";
import { SECONDS_PER_MINUTE } from "@/core/units";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { TrackPoint, Way } from "@/core/track";
import { edit } from "./editing";

/** A way of which nothing else is known yet (assumption). */
const USUAL: Omit<WalkIn, "distanceM" | "climbM"> = { loadKg: 8, terrain: "dirt", snowSinkingCm: 0, snowshoes: false };

/** Phases that the way leaves too little time for get as much as an easy pace takes; what is worn moves along. */
function walkable(view: OutingView): OutingView {
  const { walkIn } = view.setting;
  if (!walkIn) return view;
  return view.phases.reduce((now, { kind, minutes }, index) => {
    if (kind !== "walkIn" && kind !== "walkOut") return now;
    if (walkIn.distanceM / (minutes * SECONDS_PER_MINUTE) <= CONDITION_RANGE.walkSpeedMPerS[1]) return now;
    const needed = walkMinutes(walkIn, now.person, "easy", kind === "walkIn" ? "in" : "out");
    return { ...now, ...withPhaseMinutes(now.phases, now.wearings, index, needed) };
  }, view);
}

/** Takes a track over, with its distance and climb. @returns why it cannot be; `null` when it was */
export function takeTrack(track: readonly TrackPoint[], { distanceM, climbM }: Way): string | null {
  const [shortest, longest] = OUTING_RANGE.walkDistanceM;
  if (distanceM < shortest || distanceM > longest) {
    return m.theWayIsMLongA({ distanceM: Math.round(distanceM), shortest, longest });
  }
  const [lowest, highest] = OUTING_RANGE.walkClimbM;
  edit(m.trackOfTheWalkIn, (view) => {
    const before = view.setting.walkIn ?? { ...USUAL, distanceM, climbM: 0 };
    const climb = climbM === null ? before.climbM : Math.min(highest, Math.max(lowest, Math.round(climbM)));
    const walkIn = { ...before, distanceM: Math.round(distanceM), climbM: climb };
    return walkable({ ...view, setting: { ...view.setting, walkIn }, plan: { ...view.plan, track } });
  });
  return null;
}

/** Gives the first walk in and the last walk out their minutes; what is worn moves along. */
export const editWalkMinutes = (inMinutes: number, outMinutes: number): void =>
  edit(m.minutesOfTheWay, (view) => {
    const first = view.phases.findIndex(({ kind }) => kind === "walkIn");
    const last = view.phases.findLastIndex(({ kind }) => kind === "walkOut");
    const there = first < 0 ? view : { ...view, ...withPhaseMinutes(view.phases, view.wearings, first, inMinutes) };
    return last < 0 ? there : { ...there, ...withPhaseMinutes(there.phases, there.wearings, last, outMinutes) };
  });
