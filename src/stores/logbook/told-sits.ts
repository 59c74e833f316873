import { wrap, type Remote } from "comlink";
import type { ToldSit } from "@/core/calibration";
import { toOuting } from "@/formats/outing-file/to-outing";
import type { ToldSitFile } from "@/formats/wire/logbook/logbook-view";
import type { CalibrateWorker } from "@/workers/calibrate.worker";
import { ask } from "../ask";

/** The latest sits a person told of. @throws {Error} with a message to show */
export async function toldSits(personId: string): Promise<(ToldSit & { readonly name: string })[]> {
  const told = await ask<ToldSitFile[]>(`/api/people/${personId}/told`);
  return told.map(({ outing, felt }) => ({ name: outing.name, outing: toOuting(outing), felt }));
}

let worker: Remote<CalibrateWorker> | null = null;

/** Who learns from notes beside the page; begun at first use. */
export const calibrateWorker = (): Remote<CalibrateWorker> =>
  (worker ??= wrap<CalibrateWorker>(
    new Worker(new URL("../../workers/calibrate.worker.ts", import.meta.url), { type: "module" }),
  ));
