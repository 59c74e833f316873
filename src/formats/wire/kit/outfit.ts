import { v7 as uuid } from "uuid";
import { atSeatFromMinute, sitSpans, totalMinutes } from "@/core/outing";
import type { OutingView, WearingView } from "../outing/outing-view";

/** A piece of an outfit: how it is worn, and whether from the start or for the sit. */
export type OutfitPiece = Pick<WearingView, "pieceId" | "side" | "rank" | "opened" | "withoutParts" | "whenOff"> & {
  readonly isForTheSit: boolean;
};

export type OutfitView = { readonly id: string; readonly name: string; readonly wearings: readonly OutfitPiece[] };

/** A person's outfits, and what they wore the last time before a day; `null` where there was none. */
export type OutfitsView = {
  readonly outfits: readonly OutfitView[];
  readonly last: (Omit<OutfitView, "id"> & { readonly startsAt: string }) | null;
};

type Sheet = Pick<OutingView, "phases" | "wearings">;

/** What is worn in the middle of a sheet's first sit. */
export function outfitOf(view: Sheet): OutfitPiece[] {
  const [sit] = sitSpans(view.phases);
  if (!sit) return [];
  const middle = (sit.fromMinute + sit.toMinute) / 2;
  return view.wearings
    .filter(({ fromMinute, toMinute }) => fromMinute <= middle && middle < toMinute)
    .map(({ pieceId, side, rank, opened, withoutParts, whenOff, fromMinute }) => ({
      pieceId,
      side,
      rank,
      opened,
      withoutParts,
      whenOff,
      isForTheSit: fromMinute > 0 && fromMinute >= atSeatFromMinute(view.phases),
    }));
}

/** An outfit on a sheet instead of what is worn there; pieces the kit no longer holds are left out. */
export function wornOutfit(
  view: Sheet & Pick<OutingView, "kit">,
  outfit: readonly OutfitPiece[],
): { readonly wearings: WearingView[]; readonly missing: number } {
  const known = new Set(view.kit.map(({ id }) => id));
  const there = outfit.filter(({ pieceId }) => known.has(pieceId));
  const toMinute = totalMinutes(view.phases);
  const atSeat = atSeatFromMinute(view.phases);
  return {
    wearings: there.map(({ isForTheSit, ...worn }) => ({
      ...worn,
      id: uuid(),
      fromMinute: isForTheSit ? atSeat : 0,
      toMinute,
    })),
    missing: outfit.length - there.length,
  };
}
