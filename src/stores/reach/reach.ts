import * as m from "@/messages";
import { atom, type WritableAtom } from "nanostores";
import { plannedSitMinutes } from "@/core/dresser";
import type { Outing } from "@/core/outing";
import {
  AS_PLANNED,
  cellsOf,
  REACH_AXES,
  switched,
  type ReachCell,
  type ReachSwitches,
  type ReachWeather,
  type WindPlace,
} from "@/core/reach";
import type { Kit, WorkResult } from "@/core/wardrobe";
import type { KitOutfits } from "@/formats/display/kit-outfits";
import { dresserPieces } from "@/formats/wire/kit/dresser-kit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { reachWorkers } from "@/workers/reach-client";
import { workBeside } from "@/workers/works-client";
import { askWorkers } from "../jobs";
import { messageOf } from "../message-of";

/** A map as far as it is computed. */
export type Mapping =
  | {
      readonly kind: "computing";
      readonly done: number;
      readonly count: number;
      /** What stands meanwhile: the last map. */
      readonly before: readonly ReachCell[] | null;
    }
  | { readonly kind: "found"; readonly cells: readonly ReachCell[] }
  | { readonly kind: "failed"; readonly message: string };

/** What is worn: the outing's own outfit, or in each weather the best of the person's whole kit. */
export const REACH_OF = ["outfit", "kit"] as const;
export type ReachOf = (typeof REACH_OF)[number];

/** Whose outfit, and as who: `null` its own person. */
export type ReachSettings = ReachSwitches & {
  readonly of: ReachOf;
  readonly windPlace: WindPlace;
  readonly person: OutingView["person"] | null;
};

export const USUAL_SETTINGS: ReachSettings = { ...AS_PLANNED, of: "outfit", windPlace: "tenMetres", person: null };
export const $reachSettings = atom<ReachSettings>(USUAL_SETTINGS);
/** Of the outfit asked for, and of one laid over it. */
export const $map = atom<Mapping | null>(null);
export const $overlay = atom<Mapping | null>(null);
/** Outfits of the map of a kit, and how each is worn. */
export const $kitOutfits = atom<KitOutfits | null>(null);
/** Place of the cell that is read. */
export const $read = atom<number | null>(null);
export const $wantedMinutes = atom(0);

/** Cells that can be drawn, be they of settings that have changed since. */
export const cellsShown = (mapping: Mapping | null): readonly ReachCell[] | null =>
  mapping?.kind === "found" ? mapping.cells : mapping?.kind === "computing" ? mapping.before : null;

/** Minutes the plan sits for. */
export const plannedMinutesOf = (view: OutingView): number => plannedSitMinutes(viewToOuting(view));

let turn = 0;

/** Computes the maps of one outfit, and of the one laid over it; what was being computed is given up. */
export async function computeReach(view: OutingView, other: OutingView | null): Promise<void> {
  const own = ++turn;
  const settings = $reachSettings.get();
  if (!other) $overlay.set(null);
  if (settings.of === "kit") await kitMapOf(view, settings, own);
  else {
    $kitOutfits.set(null);
    await mapOf(outingOf(view, settings), settings.windPlace, own, $map);
  }
  if (other) await mapOf(outingOf(other, settings), settings.windPlace, own, $overlay);
}

/** The map of a whole kit: the best outfit in each weather; parts go to whoever is free. */
async function kitMapOf(view: OutingView, settings: ReachSettings, own: number): Promise<void> {
  const isStale = (): boolean => own !== turn;
  const before = cellsShown($map.get());
  const kit: Kit = {
    outing: { ...outingOf(view, settings), pieces: [], wearings: [] },
    pieces: dresserPieces(view, [], []),
    wantedMinutes: $wantedMinutes.get(),
  };
  const count = REACH_AXES.airTemperaturesC.length * REACH_AXES.windsMPerS.length;
  $map.set({ kind: "computing", done: 0, count, before });
  try {
    if (kit.pieces.length === 0) throw new Error(m.reachKitIsEmpty);
    const input = { kit, windPlace: settings.windPlace, axes: REACH_AXES };
    const onProgress = (doneShare: number): boolean => {
      if (!isStale()) $map.set({ kind: "computing", done: Math.floor(doneShare * count), count, before });
      return !isStale();
    };
    const { of: _of, person, windPlace, ...switches } = settings;
    const asked = { outingId: view.id, personId: person?.id ?? null, windPlace, switches } as const;
    const atServer = await askWorkers({ work: "kit-map", wantedMinutes: kit.wantedMinutes, ...asked }, onProgress);
    if (atServer.kind === "left") return;
    const found =
      atServer.kind === "done"
        ? (atServer.result as WorkResult<"kit-map">)
        : await workBeside("kit-map", input, onProgress);
    if (!found || isStale()) return;
    $kitOutfits.set({ kit, outfits: found.outfits, wornAt: found.cells.map(({ outfit }) => outfit) });
    $map.set({ kind: "found", cells: found.cells });
  } catch (error) {
    if (!isStale()) $map.set({ kind: "failed", message: messageOf(error) });
  }
}

/** The outing that a map asks about. */
const outingOf = (view: OutingView, { person, of: _of, windPlace: _place, ...switches }: ReachSettings): Outing =>
  switched(viewToOuting(person ? { ...view, person } : view), switches);

/** Rows go to whoever is free: mild ones take longest. */
async function mapOf(
  outing: Outing,
  windPlace: WindPlace,
  own: number,
  $mapping: WritableAtom<Mapping | null>,
): Promise<void> {
  const rows = REACH_AXES.airTemperaturesC.map((air) => cellsOf({ ...REACH_AXES, airTemperaturesC: [air] }));
  const count = rows.flat().length;
  const found: (readonly ReachCell[])[] = [];
  let next = 0;
  const isStale = (): boolean => own !== turn;
  const progress = (): number => found.reduce((sum, row) => sum + (row?.length ?? 0), 0);
  const before = cellsShown($mapping.get());
  const tell = (mapping: Mapping): void => $mapping.set(mapping);
  tell({ kind: "computing", done: 0, count, before });
  try {
    await Promise.all(
      reachWorkers().map(async (worker) => {
        await worker.take(outing, windPlace);
        while (next < rows.length && !isStale()) {
          const row = next++;
          const reply = await worker.cells(rows[row] as ReachWeather[]);
          if (isStale()) return;
          if (!reply.ok) throw new Error(reply.message);
          found[row] = reply.cells;
          tell({ kind: "computing", done: progress(), count, before });
        }
      }),
    );
    if (!isStale()) tell({ kind: "found", cells: found.flat() });
  } catch (error) {
    if (!isStale()) tell({ kind: "failed", message: messageOf(error) });
  }
}
