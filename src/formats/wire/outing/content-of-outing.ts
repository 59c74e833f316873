import { dequal } from "dequal/lite";
import type { Outing, Wearing } from "@/core/outing";
import type { OutingContentView, OutingView, WearingView } from "./outing-view";
import { kitOf } from "./view-to-outing";

/** Whether a sheet can hold what a changed plan holds: pieces of the kit as they are, as many phases. */
function isHeld(view: OutingView, { pieces, phases }: Outing): boolean {
  const kit = new Map(kitOf(view).map((piece) => [piece.id, piece]));
  const isAsOwned = ({ id, endsAt }: Outing["pieces"][number]): boolean =>
    kit.has(id) && dequal(kit.get(id)!.endsAt, endsAt);
  return phases.length === view.phases.length && pieces.every(isAsOwned);
}

const NEW_WEARING = { opened: [], withoutParts: [], whenOff: "pack", heat: null } as const;

function toWearing(known: WearingView | undefined, wearing: Wearing, newId: () => string): WearingView {
  const { pieceId, side, rank, fromMinute, toMinute, opened = [], withoutParts = [], heat = null } = wearing;
  const own = known ?? { ...NEW_WEARING, id: newId() };
  const { whenOff = own.whenOff } = wearing;
  return { ...own, pieceId, side, rank, fromMinute, toMinute, opened, withoutParts, whenOff, heat };
}

/** Which wearing of the view each changed one was: the same piece first, then whatever stood in its place. */
function knownWearings(view: OutingView, wearings: Outing["wearings"]): (WearingView | undefined)[] {
  const free = [...view.wearings];
  const take = (found: number): WearingView | undefined => (found < 0 ? undefined : free.splice(found, 1)[0]);
  const known = wearings.map(({ pieceId }) => take(free.findIndex((own) => own.pieceId === pieceId)));
  return known.map((own, index) => own ?? take(free.findIndex(({ id }) => id === view.wearings[index]?.id)));
}

/**
 * What a sheet would hold after a change of its plan in the core; `null` where it cannot hold that.
 * @param newId makes ids for wearings that were not there before
 */
export function contentOfOuting(view: OutingView, changed: Outing, newId: () => string): OutingContentView | null {
  if (!isHeld(view, changed)) return null;
  const { setting, weatherShaped, weather, plan } = view;
  const known = knownWearings(view, changed.wearings);
  return {
    setting,
    weatherShaped,
    weather,
    plan,
    phases: view.phases.map((phase, index) => {
      const { posture, recurring } = changed.phases[index]!;
      return { ...phase, posture, recurring };
    }),
    wearings: changed.wearings.map((wearing, index) => toWearing(known[index], wearing, newId)),
  };
}
