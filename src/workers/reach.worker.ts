import { expose } from "comlink";
import { CoreError } from "@/core/errors";
import type { Outing } from "@/core/outing";
import { Reach, type ReachCell, type ReachWeather, type WindPlace } from "@/core/reach";

/** Cells, or why there are none: errors lose their class on the way out of a worker. */
export type ReachReply =
  { readonly ok: true; readonly cells: readonly ReachCell[] } | { readonly ok: false; readonly message: string };

let reach: Reach | null = null;

const api = {
  take: (outing: Outing, windPlace: WindPlace): void => void (reach = new Reach(outing, windPlace)),
  cells: (wanted: readonly ReachWeather[]): ReachReply => {
    try {
      return { ok: true, cells: wanted.map((cell) => reach!.cell(cell)) };
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, message: error.message };
      throw error;
    }
  },
};
export type ReachWorker = typeof api;

expose(api);
